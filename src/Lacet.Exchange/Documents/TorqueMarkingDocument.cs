using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A torque marking: <c>{ target, unit }</c> or <c>{ least, most, unit }</c>.</summary>
/// <param name="Unit">N·m, lbf·in or lbf·ft.</param>
/// <param name="Target">The single value.</param>
/// <param name="Least">The least of a range.</param>
/// <param name="Most">The most of a range.</param>
public sealed record TorqueMarkingDocument(
    string Unit,
    double? Target = null,
    double? Least = null,
    double? Most = null
)
{
    /// <summary>Writes a marking, in its own unit.</summary>
    public static TorqueMarkingDocument Of(TorqueMarking marking) =>
        marking.IsSingle
            ? new(TorqueUnits.Say(marking.Unit), Target: marking.Least)
            : new(TorqueUnits.Say(marking.Unit), Least: marking.Least, Most: marking.Most);

    /// <summary>The marking; throws <see cref="ImpossibleInputException"/> with the field and a sentence.</summary>
    public TorqueMarking Read()
    {
        var unit = TorqueUnits.Read(Unit, "landing.torqueMarking.unit");
        return (Target, Least, Most) switch
        {
            ({ } target, null, null) => TorqueMarking.OfTarget(target, unit),
            (null, { } least, { } most) => TorqueMarking.OfRange(least, most, unit),
            _ => throw new ImpossibleInputException(
                "landing.torqueMarking",
                "A torque marking is one target, or a least and a most, never both."
            ),
        };
    }
}
