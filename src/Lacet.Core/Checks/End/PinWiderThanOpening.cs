using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A crimped pin that does not go into the opening.</summary>
public sealed class PinWiderThanOpening : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.size",
        "landing.openingMm",
        "tool.crimpShape",
        "end.ferrule",
    ];

    /// <inheritdoc/>
    public string Id => "pin-wider-than-opening";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        if (plan is not { Ferrule: { } ferrule, Landing: PrintedLanding { Opening: { } opening } })
        {
            return null;
        }

        return CrimpedPin.Of(ferrule, plan.Conductor, plan.AtHand.CrimpShape) switch
        {
            null => Found(
                Severity.Note,
                $"Not judged: no table says how thick a crimped {ferrule.SaySize()} is.",
                $"Try one in the opening of {opening:mm} before many are made."
            ),
            { } pin when pin.Flats > opening => Found(
                Severity.Fix,
                $"The crimped pin is about {pin.Flats:mm} over its flats; the opening is {opening:mm}.",
                $"Land it bare where the landing is identified for such strands, or change the landing. Never thin the pin or leave strands out."
            ),
            { } pin when pin.Corners > opening => Found(
                Severity.Note,
                $"The crimped pin is about {pin.Corners:mm} over its corners: it goes into a square opening of {opening:mm}, not into a round one.",
                $"Try one first; for a round opening crimp it hexagonal."
            ),
            _ => null,
        };
    }

    private Finding Found(Severity severity, FormattableString says, FormattableString what) =>
        new(Id, severity, says, what, CrimpedPin.Source, RestsOn) { Trust = Trust.CommonPractice };
}
