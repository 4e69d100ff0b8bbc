package app.avrel.words.reading;

/** English: hands, heights, palms, shapes, and how the hands stand to each other. */
final class EnglishHands {

    private EnglishHands() {}

    static final String WORDS = """
            Manner.EXTENDED = extended | stretched | outstretched | long | reaching | stretched out | far out | at full reach
            Act.PUSH = push | thrust | strike | punch | extend | issue
            Act.PRESS = press | push down | pushes down
            Act.OPEN = open | unfold
            Act.CLOSE = close | clench | curl | form | forms | becomes | become | makes | turn into | turns into
            Act.SPREAD = spread | separate | part
            Act.STACK = stack | pile
            Act.HOLD = hold | embrace | hug | cradle | carry
            Act.FOLD = fold
            Part.HAND = hand | hands
            Part.PALM = palm | palms
            Part.PALM Way.UP = palm turned up | palms turned up
            Part.PALM Way.DOWN = palm turned down | palms turned down
            Part.PALM Way.IN = palm turned in | palms turned in
            Part.PALM Way.OUT = palm turned out | palms turned out
            Part.WRIST Manner.FIRST = led by the wrists | leading with the wrists | led by the wrist
            Act.TURN Who.LEFT Part.PALM = roll the left palm
            Act.TURN Who.RIGHT Part.PALM = roll the right palm
            Act.TURN Part.PALM = roll the palm | roll the palms
            Part.HEEL_OF_PALM = heel of the palm | heels of the palms | heel of the hand | palm heels | heels of the hands
            Part.ARM = arm | arms
            Part.WRIST = wrist | wrists
            Part.ELBOW = elbow | elbows
            Part.ELBOW Way.DOWN = elbow drops | elbows drop | elbow heavy | elbows heavy | elbow sunk | elbows sunk | elbow relaxed | elbows relaxed | elbow sinks | elbows sink | elbows hang | elbow hangs
            Part.FOREARM = forearm | forearms
            Part.FINGERS = fingers | finger
            Part.FINGERTIPS = fingertips | finger tips | fingertip | tips of the fingers
            Part.NAVEL = navel | belly | belly button | lower belly | abdomen | dantian | stomach
            Part.SOLAR_PLEXUS = solar plexus
            Part.SHOULDER = shoulder
            Part.CHIN = chin | throat | mouth
            Part.EAR = ear | ears
            Part.FACE = nose
            Part.TEMPLE = temple | temples
            Part.BROW = brow | forehead | eyebrow
            Part.ABOVE_HEAD = above the head | overhead | above the crown | over the head
            Shape.OPEN = open hand | open palm | flat hand
            Shape.FIST = fist
            Shape.LOOSE_FIST = loose fist | soft fist | hollow fist
            Shape.HOOK = hook | hook hand | hooked hand | beak | hooked
            Shape.SWORD_FINGERS = sword fingers | sword finger | two fingers extended
            Shape.ROUNDED = ward off arc | rounded hand | cupped hand | cupped
            Related.CROSSED_WRISTS = wrists crossed | crossed wrists | cross wrists | cross the wrists | wrists cross | hands cross | arms cross | wrists crossing | cross your wrists | arms crossed | cross the arms | hands crossed | cross hands | cross the hands | crossing the wrists
            Related.WRIST_ON_WRIST = wrist on wrist | wrist over wrist | one wrist on the other
            Related.PALM_UNDER_ELBOW = palm under elbow | hand under elbow | palm under the elbow | hand under the elbow | fist under elbow
            Related.HEELS_OF_PALMS_TOGETHER = heels of the palms together | palm heels together | heels of the hands together | heels of the palms meet
            Related.PALMS_TOGETHER = palms together | palms meet | hands together | join the palms | palms touching | hands meet | press the palms together | palms come together
            Related.PASSING_INSIDE = pass each other | hands pass each other | passing each other | hands pass | passes inside | one passes inside the other
            Related.STACKED = one above the other | one over the other | hands stacked | stacked | one on top of the other | stack the hands
            Related.FOLDED_FOREARMS = forearms folded | fold the forearms | folded forearms | arms folded | fold the arms | fold your forearms
            Related.APART = side by side
            Manner.BALL_HELD Rel.AT = ball at | ball held at
            Manner.BALL_HELD = a ball | an imaginary ball | hold an imaginary ball | holding an imaginary ball | a big ball | a large ball | a small ball | holding a big ball | hold a big ball | hold a large ball | hold a small ball | holding a small ball | the ball held | holding a ball | hold a ball | hold the ball | ball hold | holds a ball | carry a ball | cradle a ball | embrace a ball | hug a ball | ball in front
            Part.ARM Manner.ROUNDED = round the arms | arms round | round the arm | round your arms | round both arms
            Manner.ROUNDED = rounded | bent round | bent in an arc | curved | round | softly bent | half bent
            Manner.NEAR = close in | near | close by | close
            Manner.CENTRE_LINE = centre line | center line | midline | centreline | the middle | on the centre line | on the midline | along the centre | in the centre
            Manner.OWN_SIDE = own side | on its own side | on its side | own shoulder | on their own sides | at its side | at the sides | at your sides | by the sides | at the side
            Act.POINT Way.DOWN = point to the floor | points to the floor | pointing to the floor | point at the floor | pointing at the floor
            Act.POINT = point
            Manner.HALVES = halves | shoulder halves | half shoulders
            Manner.MEASURED = measured at | measured at the
            Manner.GOING_OVER = going over | passing over | over the top | from above
            Manner.GOING_UNDER = going under | passing under | from below | scooping | scoops
            Manner.EACH_OTHER = each other | one another
            Manner.TOGETHER = together
            Manner.CROSSED = crossed
            Manner.SPIRAL = spiral | spiralling | spiraling | in a spiral | screwing
            """;
}
