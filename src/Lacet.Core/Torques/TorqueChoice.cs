using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Torques;

/// <summary>The torque for a landing, and how far it can be trusted.</summary>
/// <param name="Window">Target, least and most.</param>
/// <param name="Trust">Marking first, then the standard tables, then common practice.</param>
/// <param name="Reason">Why.</param>
public sealed record TorqueChoice(Window<Torque> Window, Trust Trust, Reason Reason)
{
    /// <summary>Order of trust: what is marked on the device rules; without a marking, what the trade usually does.</summary>
    public static TorqueChoice For(Landing landing, HouseRules rules) => landing.TorqueMarking is { } marking
        ? Marked(marking, rules)
        : landing switch
        {
            BindingScrew => UsualForReceptacles(),
            ScrewClampBlock block => UsualForBlocks(block),
            _ => throw new ArgumentOutOfRangeException(nameof(landing), landing.Kind, "There is no usual torque for this kind."),
        };

    private static TorqueChoice Marked(TorqueMarking marking, HouseRules rules)
    {
        var window = marking.Window(rules);
        return new(window, Trust.Marking, new(
            "torque-marking",
            ReadingName.Tighten,
            Trust.Marking,
            "marked on the device (NEC 110.14(D) asks for an approved means to reach it)",
            marking.IsSingle
                ? (FormattableString)$"{window:target} is marked; a reading within ±{rules.SingleValueTolerance * 100:0} % passes, which is a house rule."
                : $"{window:range} is marked; aim at the middle."));
    }

    private static TorqueChoice UsualForReceptacles()
    {
        var window = TypicalTorque.For("binding-screw");
        return new(window, Trust.CommonPractice, new(
            "torque-common-practice",
            ReadingName.Tighten,
            Trust.CommonPractice,
            "common practice (from memory)",
            $"No torque is given, so the usual range for receptacle screws, {window:range}. Find the marking: many 15 and 20 A devices ask for more."));
    }

    private static TorqueChoice UsualForBlocks(ScrewClampBlock block)
    {
        var window = TestTorque.WindowFor(block.Typical);
        return new(window, Trust.CommonPractice, new(
            "torque-common-practice",
            ReadingName.Tighten,
            Trust.CommonPractice,
            "IEC 60947-1 test torque for the thread such a block usually has (from memory)",
            $"No torque is given. A block up to {new Area(block.MostMm2)} usually has an M{block.Typical.Thread:0.#} screw, and the standard tests that at {window:least}. Find the marking on the block or its sheet."));
    }
}
