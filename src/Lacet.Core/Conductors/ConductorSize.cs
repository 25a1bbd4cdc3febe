using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Conductors;

/// <summary>A conductor's size by name: 28 AWG to 4/0 AWG, 250 kcmil, 0.25 to 120 mm².</summary>
public sealed partial record ConductorSize
{
    private const string Known = "Sizes are 28 AWG to 4/0 AWG, 250 kcmil, and 0.25 to 120 mm²";

    private ConductorSize(string name, SizeSystem system, Area area, SizeRow row, bool stocked)
    {
        (Name, System, Area, Row, IsStocked) = (name, system, area, row, stocked);
        SolidDiameter = new(Math.Sqrt(area.SquareMillimetres * 4 / Math.PI));
        PairedArea = Paired.Cast<double?>().FirstOrDefault(nominal => nominal >= 0.9 * area.SquareMillimetres)
            ?? area.SquareMillimetres;
    }

    /// <summary>Metric nominal sizes in mm², ascending (IEC 60228, and the two small ones of control wiring).</summary>
    public static IReadOnlyList<double> MetricAreas { get; } =
    [0.25, 0.34, 0.5, 0.75, 1, 1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70, 95, 120];

    /// <summary>
    /// What gauges are paired with: two more, for 28 and 26 AWG (common practice: 0.08 and 0.14 mm²).
    /// </summary>
    private static IReadOnlyList<double> Paired { get; } = [0.08, 0.14, .. MetricAreas];

    private static Dictionary<string, ConductorSize> ByName { get; } = MakeAll();

    /// <summary>The sizes that the trade stocks, each system from small to large.</summary>
    public static IReadOnlyList<ConductorSize> Stocked { get; } = [.. ByName.Values.Where(s => s.IsStocked)];

    /// <summary>"14 AWG", "2/0 AWG", "250 kcmil", "2.5 mm²".</summary>
    public string Name { get; }

    /// <summary>The name beside the other system's: "14 AWG (2.08 mm²)", "2.5 mm² (about 14 AWG)".</summary>
    public string NameInBoth =>
        field ??=
            System == SizeSystem.Metric
                ? $"{Name} (about {WireGauge.NearestName(Area)})"
                : $"{Name} ({Area.Read().Metric})";

    /// <summary>The system that the name is from.</summary>
    public SizeSystem System { get; }

    /// <summary>The area: by law for AWG and kcmil, nominal for metric sizes.</summary>
    public Area Area { get; }

    /// <summary>The diameter of one round wire of this area.</summary>
    public Length SolidDiameter { get; }

    /// <summary>
    /// The metric size it is usually paired with, mm²: the smallest nominal size of at least 0.9 × the area (common
    /// practice; 14 AWG with 2.5, 12 with 4).
    /// </summary>
    public double PairedArea { get; }

    /// <summary>Whether it is among the sizes that the trade stocks; odd gauges are not.</summary>
    public bool IsStocked { get; }

    /// <summary>The size's row in the table, or that of the next larger stocked size.</summary>
    internal SizeRow Row { get; }

    /// <summary>Reads a size as people write it; throws with a sentence where it can't.</summary>
    public static ConductorSize Parse(string text, string field = "conductor.size") =>
        TryParse(text, out var size, out var problem) ? size : throw new ImpossibleInputException(field, problem);

    /// <summary>
    /// Reads a size as people write it: "14", "#14", "14AWG", "2/0", "250 kcmil", "2.5 mm²", "2,5". A bare whole number
    /// up to 28 is a gauge; a bare number that is no gauge is mm².
    /// </summary>
    public static bool TryParse(string text, out ConductorSize size, out string problem)
    {
        size = null!;
        var match = Written().Match(text.Trim());
        if (!match.Success)
        {
            problem =
                text.Length > 40
                    ? $"That is no conductor size. {Known}."
                    : $"“{text.Trim()}” is no conductor size. {Known}.";
            return false;
        }

        var name = NameOf(match);
        if (ByName.TryGetValue(name, out var known))
        {
            (size, problem) = (known, string.Empty);
            return true;
        }

        problem = name.EndsWith("mm²", StringComparison.Ordinal)
            ? $"{name} is not a standard size. {Neighbours(name)}"
            : $"{name} is not a size that Lacet knows. {Known}.";
        return false;
    }

    /// <inheritdoc/>
    public bool Equals(ConductorSize? other) =>
        other is not null && string.Equals(other.Name, Name, StringComparison.Ordinal);

    /// <inheritdoc/>
    public override int GetHashCode() => StringComparer.Ordinal.GetHashCode(Name);

    /// <inheritdoc/>
    public override string ToString() => Name;

    private static string NameOf(Match match)
    {
        string Group(string group) => match.Groups[group].Value.Replace(',', '.');
        if (match.Groups["ought"].Success)
        {
            return Group("ought") + "/0 AWG";
        }

        var number = Group("number");
        var unit = match.Groups["unit"].Value.ToUpperInvariant();
        // Oughts: 00 is 2/0. A number that begins with one and goes on is a slip of the finger, unless it is a fraction
        // of mm².
        if (number.All(c => c == '0') && unit is ("" or "AWG" or "GA" or "GAUGE"))
        {
            return string.Create(CultureInfo.InvariantCulture, $"{number.Length}/0 AWG");
        }

        if (number.Length > 1 && number[0] == '0' && number[1] != '.')
        {
            return $"{number} {(unit.Length == 0 ? "AWG" : unit)}";
        }
        var awg = match.Groups["awg"].Success || unit is "AWG" or "GA" or "GAUGE";
        var bareGauge =
            unit.Length == 0
            && !number.Contains('.', StringComparison.Ordinal)
            && int.Parse(number, CultureInfo.InvariantCulture) <= 28;
        return awg || bareGauge ? number + " AWG"
            : unit is "KCMIL" or "MCM" || (unit.Length == 0 && string.Equals(number, "250", StringComparison.Ordinal))
                ? number + " kcmil"
            : decimal.Parse(number, CultureInfo.InvariantCulture).ToString("0.####", CultureInfo.InvariantCulture)
                + " mm²";
    }

    private static string Neighbours(string name)
    {
        var area = double.Parse(name[..^4], CultureInfo.InvariantCulture);
        var below = MetricAreas.Where(a => a < area).DefaultIfEmpty(MetricAreas[0]).Max();
        var above = MetricAreas.Where(a => a > area).DefaultIfEmpty(MetricAreas[^1]).Min();
        return below == above || area > MetricAreas[^1] || area < MetricAreas[0]
            ? $"{Known}."
            : string.Create(CultureInfo.InvariantCulture, $"The sizes beside it are {below} and {above} mm².");
    }

    private static Dictionary<string, ConductorSize> MakeAll()
    {
        var rows = ReferenceTable.Rows<SizeRow>("conductors").ToDictionary(r => r.Size, StringComparer.Ordinal);
        var all = new Dictionary<string, ConductorSize>(StringComparer.Ordinal);
        void Add(string name, SizeSystem system, Area area, SizeRow row, bool stocked) =>
            all.Add(name, new ConductorSize(name, system, area, row, stocked));

        for (var n = 28; n >= -3; n--)
        {
            var name = WireGauge.Name(n);
            var stocked = rows.ContainsKey(name);
            Add(name, SizeSystem.Awg, WireGauge.AreaOf(n), stocked ? rows[name] : rows[WireGauge.Name(n - 1)], stocked);
        }

        Add(
            "250 kcmil",
            SizeSystem.Kcmil,
            new(250 * WireGauge.SquareMillimetresPerKcmil),
            rows["250 kcmil"],
            stocked: true
        );
        foreach (var area in MetricAreas)
        {
            var name = string.Create(CultureInfo.InvariantCulture, $"{area} mm²");
            Add(name, SizeSystem.Metric, new(area), rows[name], stocked: true);
        }

        return all;
    }

    [GeneratedRegex(
        @"^(?:(?<awg>AWG|\#|NO\.?)\s*)?(?:(?<ought>[1-4])/0\s*(?:AWG|GA|GAUGE)?|(?<number>[0-9]{1,4}(?:[.,][0-9]{1,4})?)\s*(?<unit>AWG|GA|GAUGE|KCMIL|MCM|MM²|MM2|MM\^2|SQ\.?\s?MM|QMM|MM|²)?)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Written();
}
