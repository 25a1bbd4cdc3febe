using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>The torque marked on a device: one value, or a range.</summary>
public sealed record TorqueMarking
{
    /// <summary>More than any terminal of these sizes is given; beyond it a unit was mistaken.</summary>
    private static readonly Torque Most = new(100);

    private TorqueMarking(Torque? single, Torque least, Torque most) => (Single, RangeLeast, RangeMost) = (single, least, most);

    private Torque? Single { get; }

    private Torque RangeLeast { get; }

    private Torque RangeMost { get; }

    /// <summary>A single marked value.</summary>
    public static TorqueMarking OfTarget(double target, TorqueUnit unit)
    {
        var torque = Checked(target, unit, "landing.torqueMarking.target");
        return new(torque, torque, torque);
    }

    /// <summary>A marked range.</summary>
    public static TorqueMarking OfRange(double least, double most, TorqueUnit unit)
    {
        var (low, high) = (Checked(least, unit, "landing.torqueMarking.least"), Checked(most, unit, "landing.torqueMarking.most"));
        return low <= high
            ? new(null, low, high)
            : throw new ImpossibleInputException("landing.torqueMarking.least", "The least torque must not be more than the most.");
    }

    /// <summary>
    /// The window it asks for: the range, aiming at its middle; or the single value with the tolerance that the house
    /// rules give it.
    /// </summary>
    public Window<Torque> Window(HouseRules rules) => Single is { } target
        ? new(target, target * (1 - rules.SingleValueTolerance), target * (1 + rules.SingleValueTolerance))
        : new(new((RangeLeast.NewtonMetres + RangeMost.NewtonMetres) / 2), RangeLeast, RangeMost);

    /// <summary>Whether the marking is a single value.</summary>
    public bool IsSingle => Single is not null;

    private static Torque Checked(double value, TorqueUnit unit, string field)
    {
        if (!double.IsFinite(value) || value <= 0)
        {
            throw new ImpossibleInputException(field, "A torque must be more than zero.");
        }

        var torque = Torque.From(value, unit);
        return torque <= Most ? torque : throw new ImpossibleInputException(
            field, $"That is {torque.Read().Metric}. A torque here can be at most {Most.Read().Metric}: check the unit.");
    }
}
