using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Torques;

/// <summary>The torque for a landing, and how far it can be trusted.</summary>
/// <param name="Window">Target, least and most.</param>
/// <param name="Trust">Marking first, then the standard tables, then common practice.</param>
/// <param name="Reason">Why.</param>
public sealed record TorqueChoice(Window<Torque> Window, Trust Trust, Reason Reason)
{
    /// <summary>The rule of a small conductor in a lug for much larger ones.</summary>
    public const string SmallConductor = "torque-small-conductor";

    /// <summary>A conductor is small for a lug that takes so many times its area.</summary>
    private const double SmallFor = 8;

    /// <summary>
    /// Order of trust: what is marked on the device rules; without a marking the standard tables; without a table what
    /// the trade usually does. Null where nothing is tightened.
    /// </summary>
    /// <param name="landing">The landing.</param>
    /// <param name="conductor">The conductor, since lug tables go by it.</param>
    /// <param name="usual">What a lug for the conductor usually has: socket across flats and bolt, in.</param>
    /// <param name="rules">House rules: the tolerance on a single value.</param>
    public static TorqueChoice? For(
        Landing landing,
        Conductor conductor,
        (double SocketIn, double BoltIn) usual,
        HouseRules rules
    ) =>
        landing switch
        {
            { IsTightened: false } => null,
            { TorqueMarking: { } marking } => Marked(marking, landing.DataTrust, rules),
            ScrewClampBlock block => UsualForBlocks(block),
            Stud stud => UsualForStuds(stud),
            SetScrewLug { Drive: LugDrive.HexSocket } lug
                when conductor.Size.Area.SquareMillimetres * SmallFor <= lug.MostMm2 => ForSmall(lug, conductor, rules),
            SetScrewLug lug when LugTorque.OfSetScrew(lug, conductor, usual.SocketIn) is var (value, by, measured) =>
                ByTable(value, by, measured, rules),
            CrimpedLug lug when LugTorque.OfBolt(lug.BoltDiameterIn ?? usual.BoltIn) is var (value, by) => ByTable(
                value,
                by,
                lug.BoltDiameterIn is not null,
                rules,
                LugTorque.BoltSource
            ),
            PlugScrew => Usual(
                landing.Kind,
                $"No torque is given, so the usual range for plugs. Find the marking on the plug or its sheet."
            ),
            BackWireClamp => Usual(
                landing.Kind,
                $"No torque is given, so the usual range for back-wire clamps. Find the marking on the strap or the box."
            ),
            _ => Usual(
                landing.Kind,
                $"No torque is given, so the usual range for receptacle screws, {TypicalTorque.For(landing.Kind):range}. Find the marking: many 15 and 20 A devices ask for more."
            ),
        };

    /// <summary>
    /// What feels tight by hand: commonly about two thirds of what is asked, as 8 lbf·in where 12 is asked (common
    /// practice). Never a target.
    /// </summary>
    public Torque ByHand => Window.Target * (2.0 / 3);

    private static TorqueChoice ByTable(
        Torque value,
        FormattableString by,
        bool measured,
        HouseRules rules,
        string source = LugTorque.Source
    )
    {
        var tolerance = rules.SingleValueTolerance;
        var window = new Window<Torque>(value, value * (1 - tolerance), value * (1 + tolerance));
        var trust = measured ? Trust.Standard : Trust.CommonPractice;
        return new(
            window,
            trust,
            new(
                "torque-standard-table",
                ReadingName.Tighten,
                trust,
                source,
                measured
                    ? (FormattableString)
                        $"No torque is marked. The table has {window:target} for {by}; a reading within ±{tolerance * 100:0} % passes, which is a house rule."
                    : $"Nothing is marked or measured: {window:target} is the table’s value for {by}. Measure it, or find the marking."
            )
        );
    }

    private static TorqueChoice Marked(TorqueMarking marking, Trust trust, HouseRules rules)
    {
        var window = marking.Window(rules);
        var source = trust switch
        {
            Trust.Marking => "marked on the device (NEC 110.14(D) asks for an approved means to reach it)",
            Trust.Maker => "the maker’s sheet",
            _ => "typical data from the Shelf: find the marking",
        };
        var given = trust == Trust.Marking ? "is marked" : "is given";
        return new(
            window,
            trust,
            new(
                "torque-marking",
                ReadingName.Tighten,
                trust,
                source,
                marking.IsSingle
                    ? (FormattableString)
                        $"{window:target} {given}; a reading within ±{rules.SingleValueTolerance * 100:0} % passes, which is a house rule."
                    : $"{window:range} {given}; aim at the middle."
            )
        );
    }

    private static TorqueChoice Usual(string kind, FormattableString text) =>
        new(
            TypicalTorque.For(kind),
            Trust.CommonPractice,
            new(
                "torque-common-practice",
                ReadingName.Tighten,
                Trust.CommonPractice,
                "common practice (from memory)",
                text
            )
        );

    /// <summary>
    /// What labels usually ask of a small conductor in a lug with a socket: the table’s value for a slotted screw
    /// (common practice).
    /// </summary>
    private static TorqueChoice ForSmall(SetScrewLug lug, Conductor conductor, HouseRules rules)
    {
        var value = LugTorque.OfSmall(conductor);
        var tolerance = rules.SingleValueTolerance;
        return new(
            new(value, value * (1 - tolerance), value * (1 + tolerance)),
            Trust.CommonPractice,
            new(
                SmallConductor,
                ReadingName.Tighten,
                Trust.CommonPractice,
                LugTorque.Source,
                $"The torque of the socket is for conductors up to {lug.MostMm2:0} mm². {conductor.Size.Name} has a row of its own on the label; {value} is usual there."
            )
        );
    }

    private static TorqueChoice UsualForStuds(Stud stud)
    {
        var window = TestTorque.WindowFor(stud.Diameter, stud.Hold is StudHold.Screw or StudHold.SlottedNut);
        return new(
            window,
            Trust.CommonPractice,
            new(
                "torque-common-practice",
                ReadingName.Tighten,
                Trust.CommonPractice,
                "IEC 60947-1 test torque of that thread (from memory)",
                $"No torque is given. The standard tests {(stud.Hold is StudHold.Screw ? "a screw" : "a nut")} of {stud.Named} at {window:least}. Find the value on the block or its sheet."
            )
        );
    }

    private static TorqueChoice UsualForBlocks(ScrewClampBlock block)
    {
        var window = TestTorque.WindowFor(block.Typical);
        return new(
            window,
            Trust.CommonPractice,
            new(
                "torque-common-practice",
                ReadingName.Tighten,
                Trust.CommonPractice,
                "IEC 60947-1 test torque for the thread such a block usually has (from memory)",
                $"No torque is given. A block up to {new Area(block.MostMm2)} usually has an M{block.Typical.Thread:0.#} screw, and the standard tests that at {window:least}. Find the marking on the block or its sheet."
            )
        );
    }
}
