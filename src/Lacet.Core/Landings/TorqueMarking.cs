using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>The torque marked on a device: one value, or a range.</summary>
public sealed record TorqueMarking
{
    /// <summary>More than any terminal of these sizes is given; beyond it a unit was mistaken.</summary>
    private static readonly Torque Greatest = new(100);

    private TorqueMarking(double least, double most, bool isSingle, TorqueUnit unit) =>
        (Least, Most, IsSingle, Unit) = (least, most, isSingle, unit);

    /// <summary>The least that is marked, in <see cref="Unit"/>; the single value where there is only one.</summary>
    public double Least { get; }

    /// <summary>The most that is marked, in <see cref="Unit"/>; the single value where there is only one.</summary>
    public double Most { get; }

    /// <summary>Whether the marking is a single value.</summary>
    public bool IsSingle { get; }

    /// <summary>The unit that it is marked in.</summary>
    public TorqueUnit Unit { get; }

    /// <summary>A single marked value.</summary>
    public static TorqueMarking OfTarget(double target, TorqueUnit unit)
    {
        Check(target, unit, "landing.torqueMarking.target");
        return new(target, target, isSingle: true, unit);
    }

    /// <summary>A marked range.</summary>
    public static TorqueMarking OfRange(double least, double most, TorqueUnit unit)
    {
        Check(least, unit, "landing.torqueMarking.least");
        Check(most, unit, "landing.torqueMarking.most");
        return least <= most
            ? new(least, most, isSingle: false, unit)
            : throw new ImpossibleInputException(
                "landing.torqueMarking.least",
                "The least torque must not be more than the most."
            );
    }

    /// <summary>
    /// The window it asks for: the range, aiming at its middle; or the single value with the tolerance that the house
    /// rules give it.
    /// </summary>
    public Window<Torque> Window(HouseRules rules)
    {
        var (least, most) = (Marked(Least), Marked(Most));
        return IsSingle
            ? new(least, least * (1 - rules.SingleValueTolerance), least * (1 + rules.SingleValueTolerance))
            : new(Marked((Least + Most) / 2), least, most);
    }

    private Torque Marked(double value) => Torque.From(value, Unit) with { MarkedIn = Unit };

    private static void Check(double value, TorqueUnit unit, string field)
    {
        if (!double.IsFinite(value) || value <= 0)
        {
            throw new ImpossibleInputException(field, "A torque must be more than zero.");
        }

        if (Torque.From(value, unit) is var torque && torque > Greatest)
        {
            throw new ImpossibleInputException(
                field,
                $"That is {torque.Read().Metric}. A torque here can be at most {Greatest.Read().Metric}: check the unit."
            );
        }
    }
}
