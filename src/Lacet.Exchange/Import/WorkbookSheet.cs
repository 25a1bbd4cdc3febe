using System.Globalization;
using ExcelDataReader;

namespace Lacet.Exchange.Import;

/// <summary>
/// The cells of a workbook's sheet as somebody meant them: what is merged over several rows stands in each of them, and
/// what the spreadsheet made a date or a power of ten of is what was typed. What is hidden is read, and said.
/// </summary>
internal sealed class WorkbookSheet(IExcelDataReader reader)
{
    // What stands in a cell that is merged over the rows below it, by its column, and the last of those rows.
    private readonly Dictionary<int, (string Text, int LastRow)> _merged = [];
    private readonly HashSet<int> _hiddenColumns = [];
    private int _row = -1;
    private int _hiddenRows;
    private (int Count, string? Example) _dates;
    private (int Count, string? Example) _powers;

    /// <summary>The cells of the row that the reader has come to.</summary>
    internal string[] Row()
    {
        _row++;
        var cells = new string[reader.FieldCount];
        for (var i = 0; i < cells.Length; i++)
        {
            cells[i] = Merged(i, Cell(i));
        }

        if (Array.Exists(cells, c => c.Length > 0))
        {
            _hiddenRows += reader.RowHeight <= 0 ? 1 : 0;
            for (var i = 0; i < cells.Length; i++)
            {
                if (cells[i].Length > 0 && reader.GetColumnWidth(i) <= 0)
                {
                    _hiddenColumns.Add(i);
                }
            }
        }

        return cells;
    }

    /// <summary>What is to be said of the sheet.</summary>
    internal IReadOnlyList<string> Notices()
    {
        var notices = new List<string>();
        if (_hiddenRows > 0)
        {
            notices.Add(
                _hiddenRows == 1
                    ? "One row is hidden in the workbook; it is read too."
                    : $"{_hiddenRows} rows are hidden in the workbook; they are read too."
            );
        }

        if (_hiddenColumns.Count > 0)
        {
            notices.Add(
                _hiddenColumns.Count == 1
                    ? "One column is hidden in the workbook; it is read too."
                    : $"{_hiddenColumns.Count} columns are hidden in the workbook; they are read too."
            );
        }

        Made(_dates, "a date");
        Made(_powers, "a power of ten");
        return notices;

        void Made((int Count, string? Example) cells, string what)
        {
            if (cells.Count > 0)
            {
                notices.Add(
                    $"The spreadsheet made {what} of {(cells.Count == 1 ? "one cell" : $"{cells.Count} cells")}: read as it was typed, such as {cells.Example}. Look whether that is right."
                );
            }
        }
    }

    private string Merged(int column, string text)
    {
        if (_merged.TryGetValue(column, out var above))
        {
            if (_row <= above.LastRow)
            {
                return text.Length > 0 ? text : above.Text;
            }

            _merged.Remove(column);
        }

        if (
            text.Length > 0
            && reader.MergeCells is { } merges
            && Array.Find(merges, m => m.FromRow == _row && m.FromColumn == column && m.ToRow > m.FromRow) is { } down
        )
        {
            _merged[column] = (text, down.ToRow);
        }

        return text;
    }

    private string Cell(int column)
    {
        var value = reader.GetValue(column);
        switch (value)
        {
            case null:
                return "";
            case DateTime date:
                var typed = AsTyped(date, reader.GetNumberFormatString(column) ?? "");
                _dates = (_dates.Count + 1, _dates.Example ?? typed);
                return typed;
            case double number:
                return Number(number, reader.GetNumberFormatString(column) ?? "");
            case bool flag:
                return flag ? "true" : "false";
            default:
                return Convert.ToString(value, CultureInfo.InvariantCulture) ?? "";
        }
    }

    /// <summary>
    /// TB 1-2 becomes a day of this year: what was typed is its day and month in the order of its format, and with a
    /// year only where the format shows one.
    /// </summary>
    private static string AsTyped(DateTime date, string format)
    {
        var (day, month) = (
            format.IndexOf('d', StringComparison.OrdinalIgnoreCase),
            format.IndexOf('m', StringComparison.OrdinalIgnoreCase)
        );
        return format.Contains('y', StringComparison.OrdinalIgnoreCase)
                ? date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)
            : day >= 0 && day < month ? FormattableString.Invariant($"{date.Day}-{date.Month}")
            : FormattableString.Invariant($"{date.Month}-{date.Day}");
    }

    private string Number(double number, string format)
    {
        if (format.Contains("E+", StringComparison.OrdinalIgnoreCase) && number != 0)
        {
            var power = (int)Math.Floor(Math.Log10(Math.Abs(number)));
            var typed = string.Create(CultureInfo.InvariantCulture, $"{number / Math.Pow(10, power):0.######}E{power}");
            _powers = (_powers.Count + 1, _powers.Example ?? typed);
            return typed;
        }

        // A format of zeros shows those that a number has lost at its beginning.
        return format.Length > 1 && format.All(c => c == '0') && number >= 0 && number == Math.Floor(number)
            ? number.ToString(format, CultureInfo.InvariantCulture)
            : number.ToString("0.##########", CultureInfo.InvariantCulture);
    }
}
