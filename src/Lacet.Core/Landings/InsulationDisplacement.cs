using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>
/// A block whose contacts cut through the insulation of a wire that is not stripped: one size, one range of insulation.
/// </summary>
public sealed record InsulationDisplacement : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>
    /// One by its printed data; areas in mm², diameters of insulation in mm. Without data, 0.5 to 1.5 mm² and
    /// insulation of 1.8 to 3.5 mm, which is typical of blocks for control wiring (generic, from memory).
    /// </summary>
    public InsulationDisplacement(
        double? leastMm2,
        double? mostMm2,
        double? insulationLeastMm,
        double? insulationMostMm
    )
        : base(null, CopperOnly)
    {
        (LeastMm2, MostMm2) = Given.Range(leastMm2, mostMm2, 0.5, 1.5);
        var least = Given.Millimetres(
            insulationLeastMm,
            "landing.insulationLeastMm",
            "An insulation’s diameter",
            0.5,
            20
        );
        var most = Given.Millimetres(insulationMostMm, "landing.insulationMostMm", "An insulation’s diameter", 0.5, 20);
        Printed = (leastMm2, mostMm2, least, most);
        InsulationLeast = new(least ?? Math.Min(1.8, most ?? 1.8));
        InsulationMost = new(most ?? Math.Max(3.5, InsulationLeast.Millimetres));
        DataIsGiven = leastMm2 is not null && mostMm2 is not null && least is not null && most is not null;
        if (InsulationLeast > InsulationMost)
        {
            throw new ImpossibleInputException(
                "landing.insulationLeastMm",
                "The least diameter must not be more than the most."
            );
        }
    }

    /// <inheritdoc/>
    public override string Kind => "insulation-displacement";

    /// <inheritdoc/>
    public override string SaidAs => "insulation-displacement block";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Pivot;

    /// <inheritdoc/>
    public override double LeastMm2 { get; }

    /// <inheritdoc/>
    public override double MostMm2 { get; }

    /// <inheritdoc/>
    public override bool IsLeastKnown => Printed.LeastMm2 is not null && DataTrust != Trust.Generic;

    /// <inheritdoc/>
    public override bool IsMostKnown => Printed.MostMm2 is not null && DataTrust != Trust.Generic;

    /// <summary>Whether the thinnest and the thickest insulation were read off it.</summary>
    public bool InsulationIsKnown =>
        Printed is { InsulationLeastMm: not null, InsulationMostMm: not null } && DataTrust != Trust.Generic;

    /// <summary>Thinnest insulation that the contacts hold.</summary>
    public Length InsulationLeast { get; }

    /// <summary>Thickest insulation that goes in.</summary>
    public Length InsulationMost { get; }

    /// <summary>
    /// What was read off the block or its sheet: areas in mm², diameters in mm; null where nobody did.
    /// </summary>
    public (double? LeastMm2, double? MostMm2, double? InsulationLeastMm, double? InsulationMostMm) Printed { get; }

    /// <summary>Whether all of it was read off the block or its sheet.</summary>
    public bool DataIsGiven { get; }
}
