using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>The head must reach past the middle of the wire, or tightening pushes the hook out.</summary>
public sealed class WireTooThickForScrew : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "conductor.build", "landing.screw"];

    /// <inheritdoc/>
    public string Id => "wire-too-thick-for-screw";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Hook is not { HeadCoversWire: false } || ScrewOf(plan.Landing) is not { } screw
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"{plan.Conductor.Size.Name} is too thick for a {screw.Name} head: its middle lies outside the head’s edge, and tightening pushes it out.",
                plan.Landing is PlugScrew
                    ? (FormattableString)$"Take a plug that is made for cord of {plan.Conductor.Size.Name}."
                    : $"Take a device with a larger screw, or its back-wire clamp.",
                "geometry",
                RestsOn
            )
            {
                Trust = Trust.Handbook,
            };

    private static ScrewSize? ScrewOf(Landing landing) =>
        landing switch
        {
            BindingScrew screw => screw.Screw,
            PlugScrew plug => plug.Screw,
            _ => null,
        };
}
