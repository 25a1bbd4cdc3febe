using System.Globalization;
using CsvHelper;
using Lacet.Core.Reference;
using Xunit.Sdk;

namespace Lacet.Core.Tests.Reference;

/// <summary>
/// Every table against the same table typed again; and, once for every cell of every row, that changing it is noticed.
/// </summary>
public sealed class TableTests
{
    /// <summary>Where a row's number is from is prose, and prose may be improved.</summary>
    private static readonly string[] Prose = ["insulationSource", "says", "language"];

    public static TheoryData<string> Tables => new(ReferenceTable.Names);

    [Fact]
    public void Every_table_has_a_guard_and_a_use()
    {
        Assert.Equal(ReferenceTable.Names, TableGuards.All.Keys.Order(StringComparer.Ordinal));
        Assert.Equal(ReferenceTable.Names, TableUse.All.Keys.Order(StringComparer.Ordinal));
    }

    [Theory]
    [MemberData(nameof(Tables))]
    public void A_table_says_what_its_source_says(string table) => TableGuards.All[table](ReferenceTable.Text(table));

    [Theory]
    [MemberData(nameof(Tables))]
    public void Changing_any_value_of_a_table_fails(string table)
    {
        var (head, columns, rows) = Read(table);
        var tried = 0;
        for (var row = 0; row < rows.Count; row++)
        {
            for (var column = 0; column < columns.Length; column++)
            {
                if (rows[row][column].Length == 0 || Prose.Contains(columns[column]))
                {
                    continue;
                }

                var changed = rows.Select(r => r.ToArray()).ToList();
                changed[row][column] = Changed(changed[row][column]);
                var text = Write(head, columns, changed);
                var noticed = Record.Exception(() => TableGuards.All[table](text));
                Assert.True(
                    noticed is XunitException or CsvHelperException or FormatException,
                    $"{table}: {columns[column]} of row {row + 1} can be changed unseen."
                );
                tried++;
            }
        }

        Assert.True(tried >= rows.Count);
    }

    [Theory]
    [MemberData(nameof(Tables))]
    public void Leaving_out_a_row_fails(string table)
    {
        var (head, columns, rows) = Read(table);
        for (var row = 0; row < rows.Count; row++)
        {
            var text = Write(head, columns, [.. rows.Where((_, i) => i != row)]);
            Assert.NotNull(Record.Exception(() => TableGuards.All[table](text)));
        }
    }

    [Theory]
    [MemberData(nameof(Tables))]
    public void A_table_says_where_it_is_from(string table)
    {
        var text = ReferenceTable.Text(table);
        Assert.StartsWith("# ", text, StringComparison.Ordinal);
        Assert.Contains("from memory", text, StringComparison.OrdinalIgnoreCase);
    }

    private static string Changed(string cell) =>
        double.TryParse(cell, CultureInfo.InvariantCulture, out var number)
            ? (number + (number == Math.Floor(number) ? 1 : 0.01)).ToString(CultureInfo.InvariantCulture)
            : cell + "1";

    private static (string Head, string[] Columns, List<string[]> Rows) Read(string table)
    {
        var text = ReferenceTable.Text(table);
        var lines = text.Split('\n');
        var head = string.Join('\n', lines.TakeWhile(l => l.StartsWith('#')));
        using var csv = new CsvReader(new StringReader(text[(head.Length + 1)..]), CultureInfo.InvariantCulture);
        csv.Read();
        csv.ReadHeader();
        var rows = new List<string[]>();
        while (csv.Read())
        {
            rows.Add(csv.Parser.Record!);
        }

        return (head, csv.HeaderRecord!, rows);
    }

    private static string Write(string head, string[] columns, List<string[]> rows)
    {
        using var text = new StringWriter { NewLine = "\n" };
        text.WriteLine(head);
        using var csv = new CsvWriter(text, CultureInfo.InvariantCulture);
        foreach (var row in rows.Prepend(columns))
        {
            foreach (var cell in row)
            {
                csv.WriteField(cell);
            }

            csv.NextRecord();
        }

        csv.Flush();
        return text.ToString();
    }
}
