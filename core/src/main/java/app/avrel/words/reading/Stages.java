package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Subjects;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Orders a line's pieces: what happens after what, whatever the order it is told in. */
final class Stages {

    private final List<List<List<Item>>> stages = new ArrayList<>();

    private Stages() {}

    /** {@return for each stage its pieces, in the order they were said} */
    static List<List<List<Item>>> of(List<Item> items) {
        Stages order = new Stages();
        order.read(meant(items));
        order.stages.removeIf(List::isEmpty);
        return order.stages;
    }

    /** A semicolon beside a word of order adds nothing to it: "; at the same time" is at the same time. */
    private static List<Item> meant(List<Item> items) {
        List<Item> meant = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean sign = item.is(Term.Mark.THEN) && !spoken(item) && item.from() < item.to();
            boolean after = i > 0
                    && (items.get(i - 1).is(Term.Mark.BEFORE_POST)
                            || items.get(i - 1).is(Term.Mark.AFTER_POST)
                            || items.get(i - 1).is(Term.Mark.WHILE));
            boolean ahead = i + 1 < items.size() && items.get(i + 1).is(Term.Mark.WHILE);
            if (!(sign && (after || ahead))) {
                meant.add(item);
            }
        }
        return meant;
    }

    /** Where the next piece goes: after all so far, with the last, or before it. */
    private enum Lead {
        NEXT,
        WITH,
        BEFORE_LAST,
        AFTER_LAST
    }

    private void read(List<Item> items) {
        Lead lead = Lead.NEXT;
        boolean fresh = true;
        List<Item> piece = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (!(item.term() instanceof Term.Mark mark) || !hard(mark, piece) && !again(items, i, piece)) {
                if (item.term() != Term.Mark.THEN_OR_MORE) {
                    piece.add(item);
                }
                continue;
            }
            boolean empty = piece.stream().allMatch(Item::mark);
            switch (mark) {
                case STOP -> {
                    lead = put(piece, lead, empty);
                    lead = stages.isEmpty() || empty ? lead : Lead.WITH;
                    fresh = true;
                }
                case THEN, THEN_OR_MORE -> {
                    List<Item> subject = spoken(item) ? sidedSubject(piece) : List.of();
                    put(piece, lead, piece.stream().allMatch(Item::mark));
                    lead = Lead.NEXT;
                    fresh = true;
                    piece = new ArrayList<>(subject);
                    continue;
                }
                case WHILE -> {
                    boolean begins = empty && fresh;
                    List<Item> subject = subject(piece);
                    lead = put(piece, lead, piece.stream().allMatch(Item::mark));
                    lead = begins ? lead : Lead.WITH;
                    fresh = false;
                    piece = new ArrayList<>(subject);
                    continue;
                }
                case BEFORE, AFTER -> {
                    boolean begins = empty && fresh;
                    lead = put(piece, lead, empty);
                    if (begins) {
                        i = told(items, i + 1, mark == Term.Mark.BEFORE);
                        lead = Lead.WITH;
                    } else {
                        lead = mark == Term.Mark.BEFORE ? Lead.AFTER_LAST : Lead.BEFORE_LAST;
                    }
                    fresh = false;
                }
                case BEFORE_POST -> {
                    List<Item> first = piece;
                    piece = new ArrayList<>();
                    i = rest(items, i + 1, piece);
                    put(piece, Lead.NEXT, piece.isEmpty());
                    put(first, Lead.NEXT, empty);
                    lead = Lead.WITH;
                    fresh = false;
                }
                case AFTER_POST -> {
                    put(piece, lead, empty);
                    lead = Lead.NEXT;
                    fresh = true;
                }
                default -> throw new IllegalStateException(mark.name());
            }
            piece = new ArrayList<>();
        }
        put(piece, lead, piece.stream().allMatch(Item::mark));
    }

    private static boolean spoken(Item mark) {
        return mark.text().chars().anyMatch(Character::isLetter);
    }

    /** The left foot turns in, the right foot then steps: a lone limb with its side goes with what follows. */
    private static List<Item> sidedSubject(List<Item> piece) {
        return lone(piece, Item::sidedLimb, Item::soft);
    }

    /** 腰同时右转 says that it turns at the same time; the ball only, and at the same time: that is how the foot lands. */
    private static List<Item> subject(List<Item> piece) {
        return lone(piece, item -> item.part() && !OnlyHow.lands(item), item -> item.is(Term.Mark.COMMA));
    }

    /** Takes a limb off the end that stands there alone after a border. */
    private static List<Item> lone(List<Item> piece, Predicate<Item> limb, Predicate<Item> border) {
        int last = piece.size() - 1;
        boolean alone = last > 0
                && limb.test(piece.get(last))
                && piece.get(last).rel() == null
                && border.test(piece.get(last - 1));
        return alone ? List.of(piece.remove(last)) : List.of();
    }

    /** 下沉再起身, 左脚上步再右掌推出: between two verbs, or before a limb, what may mean "more" means "then". */
    private static boolean again(List<Item> items, int at, List<Item> piece) {
        if (!items.get(at).is(Term.Mark.THEN_OR_MORE) || at + 1 == items.size()) {
            return false;
        }
        Item next = items.get(at + 1);
        boolean acts =
                next.term() instanceof Term.Act && piece.stream().anyMatch(item -> item.term() instanceof Term.Act);
        boolean limb = next.rel() == null && (next.sidedLimb() || next.both() || Subjects.sideless(next));
        boolean loaded = next.bareSide() && at + 2 < items.size() && OnlyHow.load(items.get(at + 2));
        return acts || (limb || loaded) && piece.stream().anyMatch(item -> !item.mark());
    }

    /** {@return whether what follows begins anew} */
    static boolean parts(Term term) {
        return term == Term.Mark.COMMA
                || term == Term.Mark.THEN
                || term == Term.Mark.THEN_OR_MORE
                || term == Term.Mark.STOP
                || term == Term.Mark.WHILE;
    }

    private boolean hard(Term.Mark mark, List<Item> piece) {
        return switch (mark) {
            case THEN, STOP, WHILE, BEFORE, AFTER, BEFORE_POST, AFTER_POST -> true;
            case THEN_OR_MORE -> piece.isEmpty() || piece.getLast().is(Term.Mark.COMMA);
            case UNTIL, COMMA, AND, NO, NOT, IMAGE, A, FILLER, UNKNOWN -> false;
        };
    }

    /** "Before this, that": reads both, up to the comma and up to the next mark; {@return the last that was read}. */
    private int told(List<Item> items, int from, boolean before) {
        List<Item> first = new ArrayList<>();
        int i = from;
        while (i < items.size()
                && !(items.get(i).is(Term.Mark.COMMA) && !OnlyHow.at(items, i + 1))
                && !ends(items.get(i))) {
            first.add(items.get(i++));
        }
        List<Item> with = new ArrayList<>();
        if (i < items.size() && items.get(i).is(Term.Mark.WHILE) && comma(items, i + 1) > 0) {
            int end = comma(items, i + 1);
            with.addAll(items.subList(i + 1, end));
            i = end;
        }
        List<Item> second = new ArrayList<>();
        int last = rest(items, i, second);
        if (second.stream().allMatch(item -> item.term() instanceof Term.Mark) && before) {
            last = splitByVerb(first, second, last);
        }
        if (before) {
            put(second, Lead.NEXT, second.isEmpty());
        }
        put(first, Lead.NEXT, first.isEmpty());
        put(with, Lead.WITH, with.isEmpty());
        if (!before) {
            put(second, Lead.NEXT, second.isEmpty());
        }
        return last;
    }

    /** Once the palm is at the chest while the foot steps, the weight: what is told beside the first, up to the comma; 0 where none is. */
    private static int comma(List<Item> items, int from) {
        int end = from;
        while (end < items.size() && !items.get(end).is(Term.Mark.COMMA) && !ends(items.get(end))) {
            end++;
        }
        return end < items.size() && items.get(end).is(Term.Mark.COMMA) ? end : 0;
    }

    /** Without a comma the second clause begins with the second thing that moves. */
    private int splitByVerb(List<Item> first, List<Item> second, int last) {
        int whole = 0;
        while (whole < first.size() && !(first.get(whole).term() instanceof Term.Related)) {
            whole++;
        }
        for (int i = whole < first.size() ? whole + 1 : 2; i < first.size(); i++) {
            boolean subject = first.get(i).part()
                    && first.get(i).rel() == null
                    && first.get(i).who() != null;
            if (subject) {
                List<Item> tail = new ArrayList<>(first.subList(i, first.size()));
                first.subList(i, first.size()).clear();
                second.addAll(0, tail);
                return last;
            }
        }
        return last;
    }

    private static boolean ends(Item item) {
        return item.term() instanceof Term.Mark mark
                && (mark == Term.Mark.THEN
                        || mark == Term.Mark.STOP
                        || mark == Term.Mark.WHILE
                        || mark == Term.Mark.BEFORE
                        || mark == Term.Mark.AFTER
                        || mark == Term.Mark.BEFORE_POST
                        || mark == Term.Mark.AFTER_POST);
    }

    private static int rest(List<Item> items, int from, List<Item> into) {
        int i = from;
        while (i < items.size() && !ends(items.get(i))) {
            into.add(items.get(i++));
        }
        return i - 1;
    }

    private Lead put(List<Item> piece, Lead lead, boolean empty) {
        if (empty || piece.isEmpty()) {
            return lead;
        }
        List<Item> done = List.copyOf(piece);
        switch (lead) {
            case NEXT, AFTER_LAST -> stages.add(new ArrayList<>(List.of(done)));
            case WITH -> {
                if (stages.isEmpty()) {
                    stages.add(new ArrayList<>());
                }
                stages.getLast().add(done);
            }
            case BEFORE_LAST -> stages.add(Math.max(0, stages.size() - 1), new ArrayList<>(List.of(done)));
        }
        return Lead.WITH;
    }
}
