using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Conductors;

/// <summary>
/// What the letters on a wire, a cable or a cord say (a row of the table "designations"; NEC 310.4 and 400.4, EN 50525,
/// UL 758, from memory).
/// </summary>
/// <param name="Code">Its letters, such as "THHN", "NM-B", "H07V-K".</param>
/// <param name="Kind">Wire, cable or cord.</param>
/// <param name="Region">Whose letters they are.</param>
/// <param name="Build">As it is made; null where its letters leave it open.</param>
/// <param name="Column">The warmest column of an ampacity table that it may use, °C.</param>
/// <param name="Dry">The insulation's rating in dry places, °C.</param>
/// <param name="Wet">The same in wet places; null where it is not for them.</param>
/// <param name="Volts">What it is rated for between conductors, V.</param>
/// <param name="Group">Whose diameters it has; empty where no table gives them.</param>
/// <param name="Wall">Thickness of the insulation on sizes up to 10 AWG, mm; null where no table gives it.</param>
/// <param name="Says">What it is, in words.</param>
public sealed record Designation(
    string Code,
    DesignationKind Kind,
    Region Region,
    Build? Build,
    int Column,
    int Dry,
    int? Wet,
    int Volts,
    string Group,
    double? Wall,
    string Says
)
{
    /// <summary>What a wall that the table gives holds up to, mm²: thicker wires have thicker walls.</summary>
    private const double WallHoldsTo = 6;

    private static readonly Dictionary<(string Group, string Size), double> Diameters = ReferenceTable
        .Rows<InsulationDiameterRow>("insulation-diameters")
        .ToDictionary(r => (r.Group, r.Size), r => r.Mm);

    private static readonly Dictionary<string, Designation> ByLetters = Index();

    private static readonly Dictionary<string, Designation>.AlternateLookup<ReadOnlySpan<char>> ByText =
        ByLetters.GetAlternateLookup<ReadOnlySpan<char>>();

    /// <summary>All that are known.</summary>
    public static IReadOnlyList<Designation> All { get; } = ReferenceTable.Rows<Designation>("designations");

    /// <summary>Whether its conductors are those of a cable or cord, not a wire by itself.</summary>
    public bool IsJacketed => Kind != DesignationKind.Wire;

    /// <summary>
    /// Whether it is hard-service or junior hard-service cord, by its letters: S and SJ are, SV and SP are light (NEC
    /// table 400.4, from memory).
    /// </summary>
    public bool IsHardService =>
        Kind == DesignationKind.Cord && Region == Region.NorthAmerica && Code is ['S', not ('V' or 'P'), ..] or "S";

    /// <summary>Whether it is two conductors side by side without a jacket over both (NEC table 400.4, from memory).</summary>
    public bool IsParallel => Code.StartsWith("SPT", StringComparison.Ordinal) || Code is "HPN";

    /// <summary>What it is and where it may be used, in a line.</summary>
    public string Line =>
        field ??=
            FormattableString.Invariant($"{Code}: {Says}, {Dry} °C")
            + (Wet is { } wet ? FormattableString.Invariant($" dry and {wet} °C wet") : ", dry places only")
            + FormattableString.Invariant($", {Volts} V");

    /// <summary>
    /// Finds letters however they are written: "thwn2", "NM B", "h07vk", "AWM 1015", "THHN or THWN-2". False where they
    /// are not known.
    /// </summary>
    public static bool TryFind(ReadOnlySpan<char> text, out Designation found)
    {
        Span<char> letters = stackalloc char[32];
        var length = 0;
        foreach (var c in text)
        {
            if (char.IsAsciiLetterOrDigit(c))
            {
                if (length == letters.Length)
                {
                    found = null!;
                    return false;
                }

                letters[length++] = char.ToUpperInvariant(c);
            }
            else if (c is not ('-' or '/' or ' ' or '.' or '\u2011'))
            {
                found = null!;
                return false;
            }
        }

        return ByText.TryGetValue(letters[..length], out found!);
    }

    /// <summary>How it is made in a size; null where its letters leave that open.</summary>
    public Build? BuildOf(ConductorSize size) =>
        Build == Conductors.Build.Solid
        && IsJacketed
        && size.Area.SquareMillimetres >= (size.System == SizeSystem.Metric ? 16 : 8)
            ? Conductors.Build.Stranded
            : Build;

    /// <summary>The diameter over its insulation; null where no table gives it.</summary>
    public Length? DiameterOf(ConductorSize size, Length bare) =>
        Diameters.TryGetValue((Group, size.Name), out var mm) ? new Length(mm)
        : Wall is { } wall && size.Area.SquareMillimetres <= WallHoldsTo ? bare + new Length(2 * wall)
        : null;

    /// <summary>Where <see cref="DiameterOf"/> is from.</summary>
    public string DiameterSource =>
        Group.StartsWith('H') ? "EN 50525-2-31 (from memory)"
        : Group.Length > 0 ? "NEC chapter 9 table 5 (from memory)"
        : "UL 758 and UL 1063, wall thickness (from memory)";

    /// <inheritdoc/>
    public bool Equals(Designation? other) =>
        other is not null && string.Equals(Code, other.Code, StringComparison.Ordinal);

    /// <inheritdoc/>
    public override int GetHashCode() => StringComparer.Ordinal.GetHashCode(Code);

    /// <inheritdoc/>
    public override string ToString() => Code;

    private static Dictionary<string, Designation> Index()
    {
        var index = new Dictionary<string, Designation>(StringComparer.Ordinal);
        foreach (var designation in ReferenceTable.Rows<Designation>("designations"))
        {
            var letters = Letters(designation.Code);
            index.TryAdd(letters, designation);
            // A style goes by its number, after UL or AWM or both.
            if (letters.StartsWith("UL", StringComparison.Ordinal))
            {
                foreach (var before in new[] { "AWM", "ULAWM", "STYLE", "ULSTYLE", "AWMSTYLE", "ULAWMSTYLE" })
                {
                    index.TryAdd(before + letters[2..], designation);
                }
            }

            // Two names on one wire stand in either order.
            if (designation.Code.Split('/') is [var one, var other])
            {
                index.TryAdd(Letters(other + one), designation);
            }
        }

        return index;
    }

    private static string Letters(string code) =>
        string.Concat(code.Where(char.IsAsciiLetterOrDigit)).ToUpperInvariant();
}
