package app.avrel.form;

/**
 * Where something can stand in a form.
 *
 * @param part from 0
 * @param at before which entry of the part, from 0; its size means after the last
 */
public record FormPlace(int part, int at) {

    public FormPlace {
        if (part < 0 || at < 0) {
            throw new IllegalArgumentException(
                    "a place in a form must count from 0, but was entry " + at + " of part " + part);
        }
    }

    /** {@return the place right before an entry; after the last where {@code entry} is the number of entries} */
    public static FormPlace before(Form form, int entry) {
        int left = entry;
        for (int part = 0; part < form.parts().size(); part++) {
            int size = form.parts().get(part).entries().size();
            if (left < size) {
                return new FormPlace(part, left);
            }
            left -= size;
        }
        int last = form.parts().size() - 1;
        return new FormPlace(last, form.parts().get(last).entries().size());
    }

    /** {@return the place right after an entry, in its part} */
    public static FormPlace after(Form form, int entry) {
        FormPlace before = before(form, entry);
        return new FormPlace(before.part(), before.at() + 1);
    }

    /** {@return how many entries of the form stand before this place} */
    public int entry(Form form) {
        return at
                + form.parts().subList(0, part).stream()
                        .mapToInt(one -> one.entries().size())
                        .sum();
    }
}
