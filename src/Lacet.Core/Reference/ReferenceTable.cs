using System.Globalization;
using System.Reflection;
using CsvHelper;
using CsvHelper.Configuration;

namespace Lacet.Core.Reference;

/// <summary>
/// The published tables that the rules rest on: CSV files embedded beside this class, each with its source in the
/// comment at its head.
/// </summary>
public static class ReferenceTable
{
    private static readonly Assembly Home = typeof(ReferenceTable).Assembly;

    /// <summary>Names of all tables, such as "ferrules".</summary>
    public static IReadOnlyList<string> Names { get; } =
    [
        .. Home.GetManifestResourceNames()
            .Where(n => n.EndsWith(".csv", StringComparison.Ordinal))
            .Select(n => n[..^4])
            .Order(StringComparer.Ordinal),
    ];

    /// <summary>A table's text as it ships, comments included.</summary>
    public static string Text(string name)
    {
        using var reader = new StreamReader(
            Home.GetManifestResourceStream(name + ".csv")
                ?? throw new ArgumentException($"There is no table {name}.", nameof(name))
        );
        return reader.ReadToEnd();
    }

    /// <summary>The lines above a shipped table's column names: what it holds and where it is from.</summary>
    public static IReadOnlyList<string> Head(string name) =>
        [.. Text(name).Split('\n').TakeWhile(l => l.StartsWith('#')).Select(l => l.TrimStart('#').Trim())];

    /// <summary>A shipped table's cells as they are written, its column names first.</summary>
    public static IReadOnlyList<IReadOnlyList<string>> Cells(string name)
    {
        using var csv = new CsvParser(new StringReader(WithoutHead(Text(name))), CultureInfo.InvariantCulture);
        var cells = new List<IReadOnlyList<string>>();
        while (csv.Read())
        {
            cells.Add(csv.Record!);
        }

        return cells;
    }

    /// <summary>A shipped table's rows.</summary>
    public static IReadOnlyList<TRow> Rows<TRow>(string name) => Parse<TRow>(Text(name));

    /// <summary>Rows from a table's text; columns are matched to the row's constructor by name, case ignored.</summary>
    public static IReadOnlyList<TRow> Parse<TRow>(string text)
    {
        var configuration = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            PrepareHeaderForMatch = header => header.Header.ToUpperInvariant(),
        };
        using var csv = new CsvReader(new StringReader(WithoutHead(text)), configuration);
        return [.. csv.GetRecords<TRow>()];
    }

    /// <summary>A screw's name begins with '#' too, so a comment is a comment only above the column names.</summary>
    private static string WithoutHead(string text)
    {
        var start = 0;
        while (start < text.Length && text[start] == '#')
        {
            start = text.IndexOf('\n', start) + 1;
        }

        return text[start..];
    }
}
