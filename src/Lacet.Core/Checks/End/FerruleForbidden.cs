using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A ferrule goes only where the landing takes one.</summary>
public sealed class FerruleForbidden : IEndCheck
{
    private static readonly string[] RestsOn = ["landing.kind", "landing.ferrule", "end.ferrule"];

    /// <inheritdoc/>
    public string Id => "ferrule-forbidden";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        if (plan.AtHand.GivenFerrule is null)
        {
            return null;
        }

        return plan.Landing switch
        {
            PrintedLanding { Ferrule: FerruleAcceptance.Forbidden } => Forbidden(
                $"This {plan.Landing.SaidAs} takes no ferrule: it locks in, and the copper pulls out of it.",
                $"Cut the ferrule off, strip to the landing’s own length, and land the strands twisted and bare.",
                "the landing’s marking; NEC 110.3(B)"
            ),
            PrintedLanding or SetScrewLug => null,
            BindingScrew or PlugScrew => Forbidden(
                $"Never a ferrule under a screw’s head: the pin rolls out from under it.",
                $"Cut the ferrule off and make a hook, or crimp on a ring or fork listed for this wire and screw.",
                "common practice (from memory)"
            ),
            var landing => Forbidden(
                $"A {landing.SaidAs} takes no ferrule.",
                $"Cut the ferrule off and prepare the end as this landing asks.",
                "common practice (from memory)"
            ),
        };
    }

    private Finding Forbidden(FormattableString says, FormattableString @do, string source) =>
        new(Id, Severity.Stop, says, @do, source, RestsOn);
}
