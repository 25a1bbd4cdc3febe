using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A stud or a barrier block's screw that a crimped ring or fork goes on.</summary>
public sealed record Stud : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>
    /// A stud or a barrier block’s screw, by its diameter or its name; without either M4, which most barrier blocks
    /// have. Lengths in mm.
    /// </summary>
    public Stud(
        double? studDiameterMm,
        double? barrelDepthMm,
        RingShape? shape,
        TorqueMarking? torqueMarking,
        ScrewSize? screw = null,
        StudHold? hold = null
    )
        : base(torqueMarking, CopperOnly)
    {
        if (screw is not null && studDiameterMm is not null)
        {
            throw new ImpossibleInputException(
                "landing.screw",
                "A stud has a diameter in millimetres or a screw’s name: give one of them."
            );
        }

        Diameter = new(
            Given.Millimetres(studDiameterMm, "landing.studDiameterMm", "A stud’s diameter", 2, 16)
                ?? screw?.MajorDiameter
                ?? 4
        );
        DiameterIsGiven = studDiameterMm is not null || screw is not null;
        Screw = screw;
        Hold = hold ?? UsualHold(screw);
        if (torqueMarking is not null && Hold == StudHold.Lever)
        {
            throw new ImpossibleInputException(
                "landing.torqueMarking",
                "A hold-down lever is not tightened: it has no torque."
            );
        }

        BarrelDepth = Given.Depth(
            barrelDepthMm is { } mm ? new Length(mm) : null,
            "landing.barrelDepthMm",
            "The barrel’s depth"
        );
        Shape = shape ?? RingShape.Ring;
    }

    /// <inheritdoc/>
    public override string Kind => "stud";

    /// <inheritdoc/>
    public override string SaidAs => "stud";

    /// <inheritdoc/>
    public override Fastening Fastening =>
        Hold switch
        {
            StudHold.Screw => Fastening.Screw,
            StudHold.Lever => Fastening.Lever,
            _ => Fastening.Nut,
        };

    /// <summary>What holds the ring or fork down.</summary>
    public StudHold Hold { get; }

    /// <summary>What holds where nobody said: a nut on a stud, the screw itself where it is one of a gauge.</summary>
    public static StudHold UsualHold(ScrewSize? screw) => screw is null ? StudHold.Nut : StudHold.Screw;

    /// <summary>The barrier screw; null for a stud.</summary>
    public ScrewSize? Screw { get; }

    /// <summary>How it is named: "#8", "M4".</summary>
    public string Named => Screw?.Name ?? FormattableString.Invariant($"M{Diameter.Millimetres:0.#}");

    /// <summary>Diameter of the stud's thread.</summary>
    public Length Diameter { get; }

    /// <summary>Whether somebody measured it.</summary>
    public bool DiameterIsGiven { get; }

    /// <summary>How deep the barrel of the ring or fork is; null where nobody read it.</summary>
    public Length? BarrelDepth { get; }

    /// <summary>Ring or fork.</summary>
    public RingShape Shape { get; }

    /// <summary>The ring decides, not the stud.</summary>
    public override double LeastMm2 => 0.25;

    /// <summary>The ring decides, not the stud: insulated rings end at 10 AWG, beyond them come lugs.</summary>
    public override double MostMm2 => 6;
}
