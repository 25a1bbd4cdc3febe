using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A house rule as its panel says it.</summary>
/// <param name="Id">The rule's stable id: its name in the JSON of house rules.</param>
/// <param name="Title">What is decided.</param>
/// <param name="Options">The schools, the default first.</param>
/// <param name="Why">Why the default is what it is.</param>
/// <param name="Changes">What changes on the screen when it is switched.</param>
public sealed record HouseRuleText(
    string Id,
    Term Title,
    IReadOnlyList<HouseRuleOption> Options,
    Term Why,
    Term Changes
)
{
    /// <summary>All of them, in the order of the work.</summary>
    public static IReadOnlyList<HouseRuleText> All { get; } =
    [
        new(
            "ferrulesOnFineStrands",
            "Ferrules on fine strands",
            [
                new("required", "In every screw and push-in block that allows one"),
                new("where-the-maker-asks", "Only where the maker asks"),
            ],
            "Bare fine strands splay under a screw to about half the contact, and go only where the landing is identified for them.",
            "The preparation and the strip length in blocks that leave it open. Required, unnecessary and forbidden on the landing always win."
        ),
        new(
            "ferruleColours",
            "Ferrule colours",
            [new("din46228", "DIN 46228-4"), new("french", "French practice"), new("other", "The other common series")],
            "It is the series that a standard fixes.",
            "The colour that is named; the size stays in print beside it."
        ),
        new(
            "stripForFerrules",
            "Strip for ferrules",
            [new("exact", "Exactly"), new("long-then-trim", "Long, crimp, then trim flush")],
            "Nothing is cut after the crimp, and the pin keeps its listing.",
            "The strip window, and a step to trim."
        ),
        new(
            "strandsBeforeFerrule",
            "Strands before a ferrule",
            [new("leave-lay", "Leave the lay"), new("slight-twist", "A slight twist with the lay")],
            "The maker’s lay fills the pin; a twist across it leaves gaps.",
            "The step that slides the ferrule on."
        ),
        new(
            "receptacleWiring",
            "Receptacles",
            [
                new("back-wire-clamp", "Pigtail to the back-wire clamp, else a hook"),
                new("hook-on-screw", "Hook on the binding screw"),
                new("lever-device", "Devices with levers"),
            ],
            "A straight end under a plate asks less of the hand than a hook.",
            "A note on receptacle screws and clamps."
        ),
        new(
            "backStabHoles",
            "Back-stab holes",
            [new("never", "Never"), new("fourteen-solid-to15-a", "14 AWG solid to 15 A")],
            "They are lawful, and widely condemned: they work loose with heat and vibration.",
            "Whether such a hole is something to put right."
        ),
        new(
            "hookClosing",
            "Hooks",
            [new("closed", "Closed after seating"), new("open", "Left open")],
            "A closed hook cannot slide out while the screw turns.",
            "The step that lays the hook."
        ),
        new(
            "strandLoss",
            "Lost strands",
            [new("general", "General (IPC class 1–2)"), new("critical", "Critical (class 3)")],
            "Class 3 is for what must not fail; lugs lose none in either.",
            "How many strands the hold point of the strip allows."
        ),
        new(
            "torqueProof",
            "Proof of torque",
            [new("measured", "Measured, or a preset tool clicked"), new("by-feel", "By feel, shown as unmeasured")],
            "Hands come out short: the code asks for an approved means (NEC 110.14(D)).",
            "The hold point of the tightening. By feel stays out of tolerance."
        ),
        new(
            "singleValueTolerance",
            "Tolerance on a single torque value",
            [new("0.1", "±10 %"), new("0.08", "±8 %"), new("0.06", "±6 %")],
            "Tool and hand together; good tools alone are within ±6 % (ISO 6789-1).",
            "The torque window wherever one value is given."
        ),
        new(
            "recheckAfterDays",
            "Looking at torque again",
            [
                new("0", "Not, unless the maker asks"),
                new("7", "After 7 days"),
                new("30", "After 30 days"),
                new("90", "After 90 days"),
            ],
            "Turning a settled screw past its value is no check.",
            "A last step."
        ),
        new(
            "pauseMinutes",
            "Proving dead again after a pause",
            [new("30", "30 min"), new("15", "15 min"), new("60", "60 min")],
            "Somebody may have switched it on.",
            "The first hold point."
        ),
        new(
            "apprenticeWork",
            "An apprentice’s ends",
            [
                new("checked-by-another", "Each is checked by another before it is signed"),
                new("sampled", "Samples are checked"),
            ],
            "The one who signs answers for it.",
            "The last hold point."
        ),
        new(
            "pigtailStrip",
            "Strip of a pigtail",
            [new("one-and-a-half-inches", "1 1/2 in"), new("three-inches-for-learners", "3 in, for learners")],
            "It twists and trims with little waste; a learner’s hand wants more to hold.",
            "The pigtail among the other ways at receptacles."
        ),
        new(
            "twistBeforeConnector",
            "Twisting before a connector",
            [new("yes", "Twist first"), new("as-the-sheet-says", "As the connector’s sheet says")],
            "Twisted wires hold each other before the connector holds them.",
            "The pigtail among the other ways at receptacles."
        ),
        new(
            "wetSplice",
            "Splices in wet places",
            [
                new("crimp-sleeve-in-sealed-tube", "Crimp sleeve in a sealed tube"),
                new("sealed-twist-on", "Sealed twist-on"),
            ],
            "A spade pulls a twist-on out; a crimp in its tube stays.",
            "The pigtail among the other ways at receptacles."
        ),
        new(
            "damagedCord",
            "A damaged cord",
            [new("replace-with-moulded-cord", "Replace it with a moulded cord"), new("refit-plug", "Fit a plug anew")],
            "A moulded cord beats a re-fitted plug where it can be had.",
            "A note at plugs."
        ),
        new(
            "workingOrder",
            "Several ends alike",
            [new("by-operation", "Strip all, prepare all, land all"), new("finish-each-end", "Finish each end")],
            "Each tool is taken up once.",
            "The step that strips."
        ),
        new(
            "landingOrder",
            "Order on a device",
            [new("earth-neutral-hot", "Earth, neutral, line"), new("as-drawn", "As the drawing has it")],
            "While it is being landed or freed, the earth is there.",
            "A caution on devices and plugs."
        ),
        new(
            "region",
            "Region",
            [new("north-america", "North America"), new("iec", "IEC")],
            "Colours mean different things: blue is a line here and a neutral there.",
            "Which colours are named on devices and plugs."
        ),
    ];
}
