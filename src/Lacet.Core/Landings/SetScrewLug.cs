using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A lug whose set screw presses straight on the conductor.</summary>
public sealed record SetScrewLug : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>
    /// A lug by its data: areas in mm², barrel in mm, the screw in inches as the tables have it. Without a range, what
    /// lugs with its socket usually take, or 14 to 2 AWG; without a barrel depth, the typical one for the conductor.
    /// </summary>
    public SetScrewLug(
        LugDrive? drive,
        double? acrossFlatsIn,
        LugSlot? slot,
        double? leastMm2,
        double? mostMm2,
        double? barrelDepthMm,
        TorqueMarking? torqueMarking,
        IReadOnlySet<Material>? metals = null
    )
        : base(torqueMarking, metals ?? CopperOnly)
    {
        Drive = drive ?? LugDrive.HexSocket;
        DriveIsGiven = drive is not null;
        AcrossFlatsIn = Given.Inches(acrossFlatsIn, "landing.acrossFlatsIn", "The size across flats", 0.12, 9.0 / 16);
        Slot = slot;
        var usual = LugSocket.For(Drive == LugDrive.HexSocket ? AcrossFlatsIn : null);
        (LeastMm2, MostMm2) = Given.Range(leastMm2, mostMm2, usual.LeastMm2, usual.MostMm2);
        Printed = (leastMm2, mostMm2);
        RangeIsGiven = leastMm2 is not null && mostMm2 is not null;
        BarrelDepth = Given.Depth(
            barrelDepthMm is { } mm ? new Length(mm) : null,
            "landing.barrelDepthMm",
            "The barrel’s depth"
        );
    }

    /// <inheritdoc/>
    public override string Kind => "set-screw-lug";

    /// <inheritdoc/>
    public override string SaidAs => "set-screw lug";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Screw;

    /// <inheritdoc/>
    public override double LeastMm2 { get; }

    /// <inheritdoc/>
    public override double MostMm2 { get; }

    /// <summary>The range that is stamped on it, mm²; null where nobody read it.</summary>
    public (double? LeastMm2, double? MostMm2) Printed { get; }

    /// <summary>Whether both ends of the range were given.</summary>
    public bool RangeIsGiven { get; }

    /// <inheritdoc/>
    public override bool IsLeastKnown => Printed.LeastMm2 is not null && DataTrust != Trust.Generic;

    /// <inheritdoc/>
    public override bool IsMostKnown => Printed.MostMm2 is not null && DataTrust != Trust.Generic;

    /// <inheritdoc/>
    public override string RangeIsPrinted => "stamped on the lug";

    /// <summary>How the screw is turned.</summary>
    public LugDrive Drive { get; }

    /// <summary>Whether somebody said how.</summary>
    public bool DriveIsGiven { get; }

    /// <summary>A socket's size across flats, inches; null where nobody measured.</summary>
    public double? AcrossFlatsIn { get; }

    /// <summary>A slotted screw's slot; null where nobody measured.</summary>
    public LugSlot? Slot { get; }

    /// <summary>How deep the barrel is; null where nobody measured.</summary>
    public Length? BarrelDepth { get; }
}
