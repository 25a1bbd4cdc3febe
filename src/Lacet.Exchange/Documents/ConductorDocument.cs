using System.Text.Json.Serialization;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A conductor as it is written in JSON.</summary>
/// <param name="Size">As people write it: "14 AWG", "2/0", "250 kcmil", "2.5 mm²", "2,5".</param>
/// <param name="Build">solid, stranded or fine-stranded.</param>
/// <param name="Material">copper or aluminium.</param>
/// <param name="InsulationOuterDiameterMm">Outside diameter of the insulation, mm; null takes the typical one for the
/// size.</param>
/// <param name="Designation">The letters that a standard gives it, such as "THHN" or "H07V-K"; left out where nobody
/// said.</param>
public sealed record ConductorDocument(
    string Size,
    Build Build,
    Material Material = Material.Copper,
    double? InsulationOuterDiameterMm = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Designation = null
)
{
    /// <summary>The conductor; throws <see cref="ImpossibleInputException"/> with the field and a sentence.</summary>
    public Conductor Read()
    {
        if (InsulationOuterDiameterMm is { } mm && !(mm > 0))
        {
            throw new ImpossibleInputException(
                "conductor.insulationOuterDiameterMm",
                "The insulation’s outside diameter must be more than zero."
            );
        }

        return Conductor.Of(
            ConductorSize.Parse(Size),
            Build,
            Material,
            InsulationOuterDiameterMm is { } given ? new Length(given) : null,
            Letters()
        );
    }

    private Designation? Letters() =>
        string.IsNullOrWhiteSpace(Designation) ? null
        : Core.Conductors.Designation.TryFind(Designation, out var found) ? found
        : throw new ImpossibleInputException(
            "conductor.designation",
            "Those letters are not known: write such as THHN, NM-B, SJOOW or H07V-K, or leave them out."
        );

    /// <summary>Writes a conductor; a diameter that nobody gave stays open.</summary>
    public static ConductorDocument Of(Conductor conductor) =>
        new(
            conductor.Size.Name,
            conductor.Build,
            conductor.Material,
            conductor.InsulationIsGiven ? conductor.InsulationOuterDiameter.Millimetres : null,
            conductor.Designation?.Code
        );
}
