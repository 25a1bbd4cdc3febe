using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <summary>The metal plus its insulation.</summary>
public sealed record Conductor
{
    /// <summary>Insulation thicker than this is a hose, not a wire: it is a slip of the finger.</summary>
    private static readonly Length ThickestInsulation = new(60);

    private Conductor(ConductorSize size, Build build, Material material, Length? measured, Designation? designation)
    {
        (Size, Build, Material, Designation) = (size, build, material, designation);
        Diameter = DiameterOf(size, build);
        InsulationIsGiven = measured is not null;
        InsulationOuterDiameter = measured ?? designation?.DiameterOf(size, Diameter) ?? new(size.Row.InsulationOd);
    }

    /// <summary>The size.</summary>
    public ConductorSize Size { get; }

    /// <summary>Solid, stranded or fine.</summary>
    public Build Build { get; }

    /// <summary>Copper or aluminium.</summary>
    public Material Material { get; }

    /// <summary>The letters that a standard gives it; null where nobody said.</summary>
    public Designation? Designation { get; }

    /// <summary>Outside diameter of the insulation.</summary>
    public Length InsulationOuterDiameter { get; }

    /// <summary>Whether somebody gave the diameter; otherwise it is the typical one for the size.</summary>
    public bool InsulationIsGiven { get; }

    /// <summary>Diameter over the bare metal: of the wire itself, or round the bundle of strands.</summary>
    public Length Diameter { get; }

    /// <summary>How many wires it is made of.</summary>
    public int Strands =>
        Build switch
        {
            Build.Solid => 1,
            Build.Stranded => Size.Row.Strands,
            _ => Size.Row.FineStrands,
        };

    /// <summary>Diameter of one of those wires.</summary>
    public Length StrandDiameter => new(Size.SolidDiameter.Millimetres / Math.Sqrt(Strands));

    /// <summary>All but its size: "solid copper", "fine-stranded copper H07V-K".</summary>
    public string Make => $"{Say(Build)} {Say(Material)}{(Designation is null ? "" : $" {Designation.Code}")}";

    /// <summary>
    /// Greatest resistance at 20 °C in Ω/km of a metric copper size (IEC 60228); computed for AWG and kcmil from
    /// ρ = 17.241 Ω·mm²/km copper (IEC 60028), 28.264 aluminium, 2 % more for the lay of strands. Null where no table
    /// covers it: metric sizes are named, not measured, so the formula would be too hopeful.
    /// </summary>
    public double? ResistanceOhmPerKm =>
        Size.System == SizeSystem.Metric
            ? Material == Material.Copper
                ? (Build == Build.FineStranded ? Size.Row.OhmClass5 : Size.Row.OhmClass12)
                : null
            : (Material == Material.Copper ? 17.241 : 28.264)
                * (Build == Build.Solid ? 1 : 1.02)
                / Size.Area.SquareMillimetres;

    /// <summary>
    /// Makes a conductor. Without an insulation diameter, that of its letters is taken, or the typical one for the size.
    /// Throws <see cref="ImpossibleInputException"/> where the insulation is thinner than the metal, or absurd.
    /// </summary>
    public static Conductor Of(
        ConductorSize size,
        Build build,
        Material material,
        Length? insulationOuterDiameter = null,
        Designation? designation = null
    )
    {
        var conductor = new Conductor(size, build, material, insulationOuterDiameter, designation);
        var bare = conductor.Diameter;
        if (insulationOuterDiameter is not { } given)
        {
            return conductor;
        }

        const string Field = "conductor.insulationOuterDiameterMm";
        if (given <= bare)
        {
            throw new ImpossibleInputException(
                Field,
                FormattableString.Invariant(
                    $"The insulation's outside diameter must be more than the metal's own, {bare.Read().Metric} for {size.Name}."
                )
            );
        }

        return given <= ThickestInsulation
            ? conductor
            : throw new ImpossibleInputException(
                Field,
                $"The insulation's outside diameter can be at most {ThickestInsulation.Read().Metric}."
            );
    }

    /// <summary>Why the insulation's diameter is what it is.</summary>
    public Reason InsulationReason() =>
        InsulationIsGiven
            ? new(
                "insulation-diameter",
                ReadingName.Strip,
                Trust.Marking,
                "measured on the wire",
                $"Insulation {InsulationOuterDiameter:mm} over all, as given."
            )
        : Designation?.DiameterOf(Size, Diameter) is not null
            ? new(
                "insulation-diameter",
                ReadingName.Strip,
                Trust.Standard,
                Designation.DiameterSource,
                $"Insulation taken as {InsulationOuterDiameter:mm} over all, as {Designation.Code} has in {Size.Name}."
            )
        : new(
            "insulation-diameter",
            ReadingName.Strip,
            Enum.Parse<Trust>(Size.Row.InsulationTrust, ignoreCase: true),
            Size.Row.InsulationSource,
            $"Insulation taken as {InsulationOuterDiameter:mm} over all, typical for {Size.Name}. Measure yours if it looks thicker."
        );

    /// <inheritdoc/>
    public override string ToString() => $"{Size.Name} {Make}";

    /// <summary>The build in words.</summary>
    public static string Say(Build build) =>
        build switch
        {
            Build.Solid => "solid",
            Build.Stranded => "stranded",
            _ => "fine-stranded",
        };

    /// <summary>The material in words.</summary>
    public static string Say(Material material) => material == Material.Copper ? "copper" : "aluminium";

    /// <summary>
    /// Concentric strands stand 3 across for 7, 5 for 19, 7 for 37 (geometry). Bunched fine strands fill about three
    /// quarters of their circle (common practice).
    /// </summary>
    private static Length DiameterOf(ConductorSize size, Build build)
    {
        var solid = size.SolidDiameter.Millimetres;
        return new(
            build switch
            {
                Build.Solid => solid,
                Build.Stranded => solid * AcrossOf(size.Row.Strands) / Math.Sqrt(size.Row.Strands),
                _ => solid / Math.Sqrt(0.75),
            }
        );
    }

    private static int AcrossOf(int strands) =>
        strands switch
        {
            7 => 3,
            19 => 5,
            _ => 7,
        };
}
