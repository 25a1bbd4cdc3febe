using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <summary>
/// What a text says of a wire, a cable or a cord. Whatever it does not say is null. Said again by
/// <see cref="ToString"/>, it is read as the same.
/// </summary>
public sealed record WireReading
{
    /// <summary>The text's parts, in order, fillers and what is not understood too.</summary>
    public IReadOnlyList<WirePart> Parts { get; init; } = [];

    private static readonly ConductorSize LeastAluminium = ConductorSize.Parse("12 AWG");

    /// <summary>"12-2 w/g": who says with ground means the sheathed cable of houses.</summary>
    private bool IsHouseCable => Earth == EarthInCable.Beside && Count is not null && Designation is null;

    /// <summary>The size of each conductor.</summary>
    public ConductorSize? Size { get; init; }

    /// <summary>Solid, stranded or fine-stranded.</summary>
    public Build? Build { get; init; }

    /// <summary>Copper or aluminium.</summary>
    public Material? Material { get; init; }

    /// <summary>The letters of a standard.</summary>
    public Designation? Designation { get; init; }

    /// <summary>How many conductors, as they are counted in the trade: 2 in 14/2, 3 in 3G1.5.</summary>
    public int? Count { get; init; }

    /// <summary>Whether a cable has an earth.</summary>
    public EarthInCable Earth { get; init; }

    /// <summary>Whether it is shielded.</summary>
    public bool Shielded { get; init; }

    /// <summary>The insulation's colour.</summary>
    public InsulationColour? Colour { get; init; }

    /// <summary>The diameter over the insulation, where somebody measured.</summary>
    public Length? InsulationDiameter { get; init; }

    /// <summary>How long it is.</summary>
    public Length? Length { get; init; }

    /// <summary>What is not understood, in order.</summary>
    public IEnumerable<WirePart> NotUnderstood => Parts.Where(p => p.Kind == WirePartKind.NotUnderstood);

    /// <summary>Whether it says anything of a conductor's metal or insulation.</summary>
    public bool SaysConductor =>
        Size is not null
        || Build is not null
        || Material is not null
        || Designation is not null
        || InsulationDiameter is not null;

    /// <summary>
    /// How it is made: as it says, or as its letters say, or as the size is always made (from 8 AWG up and from 22 AWG
    /// down stranded, and 14 to 10 AWG with ground solid, common practice); null where that is open.
    /// </summary>
    public Build? KnownBuild(ConductorSize size) =>
        Build
        ?? Designation?.BuildOf(size)
        ?? (
            Shielded ? Conductors.Build.Stranded
            : IsHouseCable && size.System != SizeSystem.Metric && size.Area.SquareMillimetres is > 2 and < 6
                ? Conductors.Build.Solid
            : size.System != SizeSystem.Metric && size.Area.SquareMillimetres is > 8 or < 0.4
                ? Conductors.Build.Stranded
            : null
        );

    /// <summary>
    /// The conductor that is meant; what the text leaves out is taken from <paramref name="current"/>. Null where
    /// neither names a size.
    /// </summary>
    public Conductor? Over(Conductor? current)
    {
        if ((Size ?? current?.Size) is not { } size)
        {
            return null;
        }

        // Another size, or other letters, have another insulation: a measured diameter goes with its wire.
        var sameWire = size.Equals(current?.Size) && (Designation is null || Designation.Equals(current.Designation));
        return Conductor.Of(
            size,
            Known(size, current) ?? current?.Build ?? Conductors.Build.Solid,
            Material ?? (StaysMetal(size) ? current?.Material : null) ?? Conductors.Material.Copper,
            InsulationDiameter
                ?? (sameWire && current!.InsulationIsGiven ? current.InsulationOuterDiameter : (Length?)null),
            Designation ?? (sameWire || Size is null ? current?.Designation : null)
        );
    }

    /// <summary>
    /// A bare size is another wire of the same metal, where it is made in aluminium: 12 AWG and more (NEC table 310.3(A),
    /// from memory). Whatever says more of a wire would say aluminium too.
    /// </summary>
    private bool StaysMetal(ConductorSize size) =>
        Size is null
        || (
            Designation is null
            && Count is null
            && Build != Conductors.Build.FineStranded
            && size.Area.SquareMillimetres >= LeastAluminium.Area.SquareMillimetres
        );

    /// <summary>
    /// What is said of its make; a wire that stays what it was keeps its make unless the text says another.
    /// </summary>
    private Build? Known(ConductorSize size, Conductor? current) =>
        Build ?? (size.Equals(current?.Size) && Designation is null && !Shielded ? current.Build : KnownBuild(size));

    /// <inheritdoc/>
    public bool Equals(WireReading? other) => other is not null && Values == other.Values;

    /// <inheritdoc/>
    public override int GetHashCode() => Values.GetHashCode();

    private (
        ConductorSize?,
        Build?,
        Material?,
        Designation?,
        int?,
        EarthInCable,
        bool,
        (InsulationColour?, Length?, Length?)
    ) Values => (Size, Build, Material, Designation, Count, Earth, Shielded, (Colour, InsulationDiameter, Length));

    /// <summary>"3 × 14 AWG solid copper NM-B, black, with earth, 3.2 m".</summary>
    public override string ToString()
    {
        var wire = string.Join(
            ' ',
            new[]
            {
                Count is { } count ? FormattableString.Invariant($"{count} ×") : null,
                Size?.Name,
                Count is not null && Size is null ? "conductors" : null,
                Build is { } build ? Conductor.Say(build) : null,
                Material is { } material ? Conductor.Say(material) : null,
                Designation?.Code,
            }.Where(p => p is not null)
        );
        return string.Join(
            ", ",
            new[]
            {
                wire.Length > 0 ? wire : null,
                Colour?.ToString(),
                Earth switch
                {
                    EarthInCable.None => "without earth",
                    EarthInCable.Among => "one of them earth",
                    EarthInCable.Beside => "with earth",
                    _ => null,
                },
                Shielded ? "shielded" : null,
                InsulationDiameter is { } od ? FormattableString.Invariant($"od {od.Millimetres:0.###} mm") : null,
                Length is { } length ? FormattableString.Invariant($"{length.Millimetres / 1000:0.######} m") : null,
            }.Where(p => p is not null)
        );
    }
}
