using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A collar, or the insulation itself, that is wider than the landings stand apart.</summary>
public sealed class WiderThanPitch : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.insulationOuterDiameterMm",
        "conductor.designation",
        "landing.pitchMm",
        "end.ferrule",
    ];

    /// <inheritdoc/>
    public string Id => "wider-than-pitch";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        if (plan.Landing is not PrintedLanding { Pitch: { } pitch })
        {
            return null;
        }

        var insulation = plan.Conductor.InsulationOuterDiameter;
        if (insulation > pitch)
        {
            return Found(
                $"The insulation is {insulation:mm} over all, and the terminals stand {pitch:mm} apart: two such wires side by side wedge.",
                $"Leave the place beside it free, or take a landing with more room; a thinner wire only where the circuit’s breaker allows it.",
                plan.Conductor.InsulationIsGiven ? Trust.Marking : Trust.CommonPractice
            );
        }

        return
            plan.Ferrule is { } ferrule
            && CrimpedPin.Of(ferrule, plan.Conductor, plan.AtHand.CrimpShape) is { Collar: { } collar }
            && collar > pitch
            ? Found(
                $"The collar is about {collar:mm} over all, and the terminals stand {pitch:mm} apart: two side by side wedge, and one does not seat.",
                $"Take ferrules without a collar here, or leave the place beside it free.",
                Trust.CommonPractice
            )
            : null;
    }

    private Finding Found(FormattableString says, FormattableString what, Trust trust) =>
        new(Id, Severity.Fix, says, what, CrimpedPin.Source, RestsOn) { Trust = trust };
}
