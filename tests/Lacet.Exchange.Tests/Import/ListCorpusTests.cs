using System.Text.Json;
using Lacet.Exchange.Import;

namespace Lacet.Exchange.Tests.Import;

/// <summary>
/// Lists in as many shapes as shops keep them, each with the reading that a person gives, written down beside it. The
/// data are invented; the encodings were written by iconv.
/// </summary>
public sealed class ListCorpusTests
{
    private static readonly string Folder = Path.Combine(AppContext.BaseDirectory, "Fixtures", "lists");

    public static TheoryData<string> Lists =>
        new(
            Directory
                .EnumerateFiles(Folder, "*.reading.txt")
                .Select(f => Path.GetFileName(f)[..^".reading.txt".Length])
                .Order(StringComparer.Ordinal)
        );

    [Fact]
    public void There_are_forty_lists_and_more() => Assert.True(Lists.Count >= 40);

    [Theory]
    [MemberData(nameof(Lists))]
    public void A_list_is_read_as_a_person_reads_it(string name)
    {
        var (told, sentences) = Reading(name);
        var file = Directory
            .EnumerateFiles(Folder, name + ".*")
            .Single(f => !f.EndsWith(".reading.txt", StringComparison.Ordinal));
        var (sheet, columns) = Find(SheetReader.Read(File.ReadAllBytes(file), null, null, default).Sheets);
        var list = new WireListReader(columns.Columns, new Dictionary<string, string>(StringComparer.Ordinal), _ =>
            null
        ).Read(sheet, columns.HeadingRow, new Dictionary<(int, ColumnMeaning), string>(), null, default);

        Assert.Equal(
            told["columns"],
            string.Join(
                ", ",
                columns.Columns.Select(c => JsonNamingPolicy.KebabCaseLower.ConvertName(c.Meaning.ToString()))
            )
        );
        Assert.Equal(told["headings"], $"{columns.HeadingRow + 1}");
        Assert.Equal(
            sentences,
            list.Rows.Select(r => r.Wire?.Sentence() ?? r.Bridge?.Sentence() ?? r.Problems[0].Says)
        );
        Assert.Equal(
            told["asks"],
            string.Join(
                ", ",
                list.Questions.Select(q => q.Id)
                    .Concat(columns.Columns.Where(c => !c.Sure && c.IsFilled).Select(c => $"column {c.Index + 1}"))
            )
        );
        Assert.Equal(told["gaps"], $"{list.Gaps.WithoutFrom} {list.Gaps.WithoutTo} {list.Gaps.WithoutSize}");
        Assert.Equal(told["not read"], string.Join(", ", list.Gaps.NotRead));
    }

    private static (Sheet, SheetColumns) Find(IReadOnlyList<Sheet> sheets)
    {
        var all = sheets.Select(s => (s, SheetColumns.Find(s))).ToList();
        return all.Find(s => s.Item2.IsWireList) is { s: not null } list ? list : all[0];
    }

    private static (Dictionary<string, string> Told, string[] Sentences) Reading(string name)
    {
        var lines = File.ReadAllLines(Path.Combine(Folder, name + ".reading.txt"));
        var head = lines.TakeWhile(l => l != "---").ToList();
        return (
            head.ToDictionary(l => l[..l.IndexOf(':')], l => l[(l.IndexOf(':') + 1)..].Trim(), StringComparer.Ordinal),
            lines[(head.Count + 1)..]
        );
    }
}
