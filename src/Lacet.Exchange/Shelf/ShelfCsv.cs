using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using CsvHelper;
using CsvHelper.Configuration;

namespace Lacet.Exchange.Shelf;

/// <summary>One kind of the Shelf as CSV: columns in docs/formats/shelf.md.</summary>
public static class ShelfCsv
{
    private static readonly CsvConfiguration Writing = new(CultureInfo.InvariantCulture)
    {
        NewLine = "\r\n",
        // With line ends of two characters, one of them alone would go out bare and part a cell in two.
        ShouldQuote = args => args.Field.AsSpan().IndexOfAny("\",\r\n") >= 0,
    };

    /// <summary>Lines may end any way: the file comes from whatever somebody edits tables with.</summary>
    private static readonly CsvConfiguration Reading = new(CultureInfo.InvariantCulture)
    {
        MissingFieldFound = null,
        BadDataFound = null,
    };

    /// <summary>Writes items of one kind.</summary>
    public static string Write(string kind, IEnumerable<ShelfItemDocument> items)
    {
        var columns = ShelfColumns.Of(kind) ?? throw new ArgumentException($"There is no kind {kind}.", nameof(kind));
        using var text = new StringWriter();
        using (var csv = new CsvWriter(text, Writing))
        {
            foreach (var column in columns)
            {
                csv.WriteField(column.Name);
            }

            csv.NextRecord();
            foreach (var item in items)
            {
                var json = JsonSerializer.SerializeToNode(item, Json.Options)!;
                foreach (var column in columns)
                {
                    var node = At(json, column.Path);
                    var cell = column.Form == ShelfCell.Pairs ? Pairs(node) : Cell(node);
                    csv.WriteField(column.Form == ShelfCell.Text ? Harmless(cell) : cell);
                }

                csv.NextRecord();
            }
        }

        return text.ToString();
    }

    /// <summary>Reads items of one kind, each row for itself: what is wrong with a row is said by column.</summary>
    public static IReadOnlyList<ShelfRow> Read(string kind, string text)
    {
        var columns = ShelfColumns.Of(kind) ?? throw new ArgumentException($"There is no kind {kind}.", nameof(kind));
        using var csv = new CsvReader(new StringReader(text.TrimStart('\uFEFF')), Reading);
        if (!csv.Read() || !csv.ReadHeader())
        {
            return [new ShelfRow(1, null, [new ShelfProblem(null, "The first line must name the columns.")])];
        }

        var unknown = csv.HeaderRecord!.Where(h =>
                columns.All(c => !string.Equals(c.Name, h, StringComparison.Ordinal))
            )
            .ToList();
        if (unknown.Count > 0)
        {
            return
            [
                new ShelfRow(
                    1,
                    null,
                    [
                        .. unknown.Select(u => new ShelfProblem(
                            u,
                            $"There is no such column. Columns are {string.Join(", ", columns.Select(c => c.Name))}."
                        )),
                    ]
                ),
            ];
        }

        var rows = new List<ShelfRow>();
        while (csv.Read())
        {
            rows.Add(ReadRow(kind, columns, csv));
        }

        return rows;
    }

    private static ShelfRow ReadRow(string kind, IReadOnlyList<ShelfColumn> columns, CsvReader csv)
    {
        var (json, problems) = (new JsonObject { ["kind"] = kind }, new List<ShelfProblem>());
        foreach (var column in columns)
        {
            var cell = csv.GetField(column.Name)?.Trim() ?? "";
            if (column.Form == ShelfCell.Text && cell.StartsWith('\''))
            {
                cell = cell[1..];
            }

            if (cell.Length == 0)
            {
                continue;
            }

            if (Parse(column, cell) is { } node)
            {
                Put(json, column.Path, node);
            }
            else
            {
                problems.Add(new ShelfProblem(column.Name, Wants(column, cell)));
            }
        }

        return ShelfRow.Of(csv.Parser.Row, json, problems, path =>
            columns.FirstOrDefault(c => string.Equals(c.Path, path, StringComparison.Ordinal))?.Name
        );
    }

    private static JsonNode? Parse(ShelfColumn column, string cell) =>
        column.Form switch
        {
            ShelfCell.Number => Number(cell),
            ShelfCell.Flag => bool.TryParse(cell, out var flag) ? JsonValue.Create(flag) : null,
            ShelfCell.Word => column.Words!.Contains(cell, StringComparer.Ordinal) ? JsonValue.Create(cell) : null,
            ShelfCell.Words => List(cell, part =>
                column.Words!.Contains(part, StringComparer.Ordinal) ? JsonValue.Create(part) : null
            ),
            ShelfCell.Numbers => List(cell, Number),
            ShelfCell.Pairs => Pairs(cell, column.Words!),
            _ => JsonValue.Create(cell),
        };

    private static JsonArray? Pairs(string cell, IReadOnlyList<string> kinds)
    {
        var list = new JsonArray();
        foreach (var pair in cell.Split(';', StringSplitOptions.RemoveEmptyEntries))
        {
            if (
                pair.Split(' ', StringSplitOptions.RemoveEmptyEntries) is not [var kind, var one, var other]
                || !kinds.Contains(kind, StringComparer.Ordinal)
            )
            {
                return null;
            }

            list.Add(
                new JsonObject
                {
                    ["kind"] = kind,
                    ["one"] = one,
                    ["other"] = other,
                }
            );
        }

        return list;
    }

    private static string Pairs(JsonNode? node) =>
        string.Join("; ", (node?.AsArray() ?? []).Select(l => $"{l!["kind"]} {l["one"]} {l["other"]}"));

    private static JsonNode? Number(string cell) =>
        double.TryParse(cell, NumberStyles.Float, CultureInfo.InvariantCulture, out var number)
        && double.IsFinite(number)
            ? JsonNode.Parse(
                number.ToString("R", CultureInfo.InvariantCulture).Replace("E+", "E", StringComparison.Ordinal)
            )
            : null;

    private static JsonArray? List(string cell, Func<string, JsonNode?> parse)
    {
        var list = new JsonArray();
        foreach (var part in cell.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            if (parse(part) is not { } node)
            {
                return null;
            }

            list.Add(node);
        }

        return list;
    }

    private static string Wants(ShelfColumn column, string cell) =>
        column.Form switch
        {
            ShelfCell.Number => $"“{Shown(cell)}” is no number: write it with a point, such as 2.5.",
            ShelfCell.Flag => $"“{Shown(cell)}” is neither true nor false.",
            ShelfCell.Numbers => $"“{Shown(cell)}” must be numbers with spaces between, such as 0.5 0.75 1.",
            ShelfCell.Pairs =>
                $"“{Shown(cell)}” must be pairs of terminals such as contact 13 14; load A1 A2, each one of {string.Join(", ", column.Words!)}.",
            ShelfCell.Words =>
                $"“{Shown(cell)}” must be some of {string.Join(", ", column.Words!)}, with spaces between.",
            _ => $"“{Shown(cell)}” must be one of {string.Join(", ", column.Words!)}.",
        };

    private static string Shown(string cell) => cell.Length > 40 ? cell[..40] + "…" : cell;

    /// <summary>
    /// A text such as "=1+1" must not become a formula in somebody's spreadsheet: an apostrophe goes before it, as
    /// before a text that begins with one, and exactly one is taken off again on reading.
    /// </summary>
    private static string Harmless(string cell) =>
        cell.Length > 0 && "'=@+-\t\r".Contains(cell[0], StringComparison.Ordinal) ? "'" + cell : cell;

    private static JsonNode? At(JsonNode json, string path) =>
        path.Split('.').Aggregate((JsonNode?)json, (node, name) => node?[name]);

    private static void Put(JsonObject json, string path, JsonNode value)
    {
        var names = path.Split('.');
        foreach (var name in names[..^1])
        {
            json[name] ??= new JsonObject();
            json = json[name]!.AsObject();
        }

        json[names[^1]] = value;
    }

    private static string Cell(JsonNode? node) =>
        node switch
        {
            null => "",
            JsonArray list => string.Join(' ', list.Select(Cell)),
            JsonValue value when value.TryGetValue<string>(out var text) => text,
            _ => node.ToJsonString(Json.Options),
        };
}
