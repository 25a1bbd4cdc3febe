using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A landing takes only the builds it is made for.</summary>
public sealed class BuildNotAccepted : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.build", "landing.accepts"];

    /// <inheritdoc/>
    public string Id => "build-not-accepted";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not PrintedLanding landing
        || plan.Ferrule is not null
        || landing.Accepts.Contains(plan.Conductor.Build)
        || ((!landing.AcceptsIsGiven || landing.DataTrust == Trust.Generic) && landing is not BackStab)
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                landing is BackStab
                    ? (FormattableString)
                        $"A back-stab hole takes solid copper only: {Conductor.Say(plan.Conductor.Build)} wire folds, and the spring does not hold it."
                    : $"This {landing.SaidAs} is not made for {Conductor.Say(plan.Conductor.Build)} conductors.",
                landing is BackStab
                    ? (FormattableString)$"Use the binding screw or the back-wire clamp, or splice a solid pigtail."
                    : $"Take a landing that is marked for {Conductor.Say(plan.Conductor.Build)} conductors, or a ferrule where it allows one.",
                landing is BackStab ? "UL 498 (from memory)" : "the landing’s marking; NEC 110.3(B)",
                RestsOn
            );
}
