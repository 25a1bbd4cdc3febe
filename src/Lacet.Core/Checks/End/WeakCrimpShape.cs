using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A crimp’s shape against the opening it goes into.</summary>
public sealed class WeakCrimpShape : IEndCheck
{
    private static readonly string[] RestsOn = ["tool.crimpShape", "landing.kind"];

    /// <inheritdoc/>
    public string Id => "weak-crimp-shape";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Ferrule is null
            ? null
            : plan.AtHand.CrimpShape switch
            {
                CrimpShape.AlternatingFlats => new Finding(
                    Id,
                    Severity.Fix,
                    $"Alternating flats grip the wire and leave the pin weak at every waist: it snaps on insertion, and two do not pair in one opening.",
                    $"Crimp square, or with a trapezoid.",
                    "common practice (from memory)",
                    RestsOn
                ),
                CrimpShape.Hexagonal when plan.Landing is ScrewClampBlock or SpringCageBlock => new Finding(
                    Id,
                    Severity.Note,
                    $"A hexagonal crimp suits round openings; a screw clamp or cage presses on flat sides.",
                    $"Use the square or trapezoid die where there is a choice.",
                    "common practice (from memory)",
                    RestsOn
                ),
                _ => null,
            };
}
