package app.avrel.words.reading;

/** English: the body's turning and depth, directions, lengths, breath, pace, gaze and props. */
final class EnglishBody {

    private EnglishBody() {}

    static final String WORDS = """
            Act.TURN = turn | adjust | correct | pivot | pivoting | turning | rotate | swivel | twist | spin | wheel | swing
            Act.FACE Way.DOWN = faces the floor | face the floor | facing the floor | faces the ground | facing the ground | looks at the floor
            Act.FACE Way.UP = faces the ceiling | face the ceiling | facing the ceiling | faces the sky | face the sky | facing the sky
            Way.UP = toward the ceiling | towards the ceiling | to the ceiling | toward the sky | towards the sky | to the sky
            Way.DOWN = toward the floor | towards the floor | toward the ground | towards the ground
            Act.FACE = face | square to | squared to | square up to | look toward with the body
            Act.SINK Act.SHIFT = sit down on | sits down on | sit low on | sits low on | sit down low on | sink down on | sit deep on | sit deep into | sit down into
            Act.SINK = sink | lower the stance | bend the knees more | drop low | get low | go low | sit low | sits low | sit down low | sink low | sit lower | sits lower | sit deeper | sit down | go down | goes down | drop down | squat | crouch | lower yourself | lower the body | go lower | get lower | bend the knees | bend your knees | sinking | lower the hips | lower your body
            Act.RISE = rise | stand up | stand tall | stand straight | stand | come up | get up | go up | straighten the legs | comes up | straighten up
            Act.SIT Way.BACK = sit back | sits back | sitting back | rock back | rocks back | settle back | settles back | lean back onto
            Act.SIT = sit | rock
            Act.LEAN = lean | incline | tilt
            Act.STRAIGHTEN = straighten | come upright | return upright
            Act.LOOK = gaze follows | head turns | turn the head | turn your head | look | gaze | glance | see | watch | follow with the eyes | eyes follow | eyes on
            Act.BREATHE = breathe
            Part.BODY = body | torso | trunk | yourself
            Part.WAIST = waist
            Part.HIPS = hips | hip | pelvis
            Part.CHEST = chest | upper body | breast | breastbone | sternum | shoulders
            Part.EYES = eyes | eye | gaze is | eyesight
            Part.HEAD = head | crown of the head | crown | top of the head
            Part.BREATH = breath
            Manner.STILL_IN = still breathing in | still in breath | go on breathing in | goes on breathing in | still inhaling | keep breathing in | still breathe in | continue breathing in | continue to breathe in
            Manner.STILL_OUT = still breathing out | still out breath | go on breathing out | goes on breathing out | still exhaling | keep breathing out | still breathe out | continue breathing out | continue to breathe out
            Manner.IN_AND_OUT = in breath and out breath | breathe in and out | breathe in then out | inhale and exhale
            Manner.OUT_AND_IN = out breath and in breath | breathe out and in | breathe out then in | exhale and inhale
            Manner.IN_BREATH = take a breath in | take a breath | in breath | breathe in | inhale | inhales | breathing in | breath in | inhaling | on an in breath | on the in breath | in with the breath | breathes in
            Manner.OUT_BREATH = out breath | breathe out | exhale | exhales | breathing out | breath out | exhaling | on an out breath | on the out breath | breathes out
            Manner.HOLD_BREATH = hold the breath | hold your breath | holding the breath | breath held | holds the breath
            Manner.FREE_BREATH = breathe freely | breath free | free breath | breathe naturally
            Manner.SLOW = slow count | on a slow count | slow | slowly | unhurried | unhurriedly
            Manner.QUICK = quick count | on a quick count | quick | quickly | fast | sudden | suddenly | briskly | swiftly | sharply
            Manner.EVENLY = evenly | steady | steadily | at an even pace | even pace
            Manner.HELD Num.1 = hold one
            Manner.HELD Num.2 = hold two
            Manner.HELD Num.3 = hold three
            Manner.HELD Num.4 = hold four
            Manner.HELD = held | hold for | stay for | holds for | wait | hold it | pause | hold the position | hold still | hold there | hold it there | hold the leg there | hold the leg | hold this
            Manner.WIDE_VIEW = wide view | soft focus | with soft focus | soft gaze | with a soft gaze | wide vision | wide | wide eyed | peripheral | seeing wide | soft eyes | with wide vision
            Manner.HIGH_FRAME = high stance | high frame | high posture | high height | stay high
            Manner.MEDIUM_FRAME = medium stance | medium frame | middle height | middle frame | medium height | medium posture | middle stance | medium
            Manner.LOW_FRAME = sink into low frame | sink into a low frame | sink into a low stance | sink into low stance | low stance | low frame | low posture | low height | stay low
            Manner.STANDING = standing height | to standing | upright standing | full height
            Manner.SOMEHOW = somehow | some way | some amount
            Manner.UPRIGHT = upright | vertical | straight back up | back upright | trunk upright
            Manner.DEEPER = deeper | lower down | further down | deep
            Manner.HIGHER = higher | taller
            Manner.HALF_TURN = half turn | half a turn | about face | turn around | turn round | turn right around | turn all the way round | turns around
            Manner.HANDS_WAIT = hands wait | hands follow after | hands last
            Manner.HANDS_THROUGHOUT = hands all through | hands throughout | hands move throughout | hands all the while
            Manner.HEIGHT = height | high | level | in height
            Compass.0 = north | north wall
            Compass.1 = north east | northeast | north east corner | northeast corner | ne
            Compass.2 = east | east wall
            Compass.3 = south east | southeast | south east corner | southeast corner | se
            Compass.4 = south | south wall
            Compass.5 = south west | southwest | south west corner | southwest corner | sw
            Compass.6 = west | west wall
            Compass.7 = north west | northwest | north west corner | northwest corner | nw
            Place.0 = front wall | front of the hall | front of the room | front side
            Place.1 = front right corner | right front corner | front corner on the right
            Place.2 = right wall | right hand wall | right side of the hall | wall on the right
            Place.3 = back right corner | right back corner | rear right corner | right rear corner
            Place.4 = back wall | rear wall | back of the hall | back of the room
            Place.5 = back left corner | left back corner | rear left corner | left rear corner
            Place.6 = left wall | left hand wall | left side of the hall | wall on the left
            Place.7 = front left corner | left front corner | front corner on the left
            Rel.CLOCK = o'clock | oclock | o clock
            Rel.HALF_PAST = half past
            Metre.1 = metre | metres | meter | meters
            Unit.CENTIMETRE = cm | centimetre | centimetres | centimeter | centimeters
            Unit.INCH = inch | inches
            Unit.FOOT_LENGTH = foot length | foot lengths | lengths of the foot | feet long
            Unit.SHOULDER_WIDTH = shoulder width | shoulder widths | shoulders width | shoulder's width
            Unit.FIST = fist's | fists | fist width | fist widths
            Unit.HAND_SPAN = hand span | hand spans | span | spans
            Part.STAFF = staff | stick | short staff | pole
            Part.SWORD = sword
            Part.SABRE = sabre | saber | broadsword
            Part.FAN = fan
            Part.PROP = prop
            Act.TAKE = take up | grasp | grip | hold the | pick up the
            Act.PASS = pass
            Act.PUT_AWAY = put away | lay down | put the staff away | lay aside | lays down
            """;
}
