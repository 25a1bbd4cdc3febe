using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using CsvHelper.Configuration.Attributes;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Jobs;

/// <summary>A pin map’s pins as CSV: pin, function, terminal, colour, ohms.</summary>
public static class PinMapFile
{
    private const string Open = "open";
    private const string Heard = "heard";
    private const int Longest = 200_000;

    private static readonly CsvConfiguration Form = new(CultureInfo.InvariantCulture)
    {
        PrepareHeaderForMatch = header => header.Header.Trim().ToLowerInvariant(),
        TrimOptions = TrimOptions.Trim,
        MissingFieldFound = null,
        HeaderValidated = null,
        DetectDelimiter = true,
        // A name that a spreadsheet would take for a formula stays a name.
        InjectionOptions = InjectionOptions.Escape,
    };

    /// <summary>The pins as a text.</summary>
    public static string Write(IEnumerable<MappedPinDocument> pins)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, Form))
        {
            csv.WriteRecords(
                pins.Select(p => new Row
                {
                    Pin = p.Pin.ToString(CultureInfo.InvariantCulture),
                    Function = Word(p.Function),
                    Terminal = p.Terminal,
                    Colour = p.Colour,
                    Ohms = p.IsOpen
                        ? Open
                        : p.Ohms?.ToString("0.###", CultureInfo.InvariantCulture) ?? (p.Heard ? Heard : ""),
                })
            );
        }

        return text.ToString();
    }

    /// <summary>
    /// Reads such a text; throws <see cref="ImpossibleInputException"/> that names the row where one cannot be read.
    /// </summary>
    public static IReadOnlyList<MappedPinDocument> Read(string text)
    {
        if (text.Length > Longest)
        {
            throw new ImpossibleInputException("text", "That is longer than any pin map.");
        }

        using var csv = new CsvReader(new StringReader(text), Form);
        try
        {
            if (
                !csv.Read()
                || !csv.ReadHeader()
                || !csv.HeaderRecord!.Any(h => string.Equals(h.Trim(), "pin", StringComparison.OrdinalIgnoreCase))
            )
            {
                throw new ImpossibleInputException(
                    "text",
                    "The first row names the columns: pin, function, terminal, colour, ohms."
                );
            }

            var pins = new List<MappedPinDocument>();
            while (csv.Read())
            {
                pins.Add(Pin(csv.GetRecord<Row>(), csv.Context.Parser!.Row));
            }

            return pins.Count > 0
                ? pins
                : throw new ImpossibleInputException("text", "There is no pin below the headings.");
        }
        catch (CsvHelperException)
        {
            throw new ImpossibleInputException(
                "text",
                FormattableString.Invariant($"Row {csv.Context.Parser?.Row ?? 1} cannot be read as a row of a table.")
            );
        }
    }

    private static MappedPinDocument Pin(Row row, int at)
    {
        if (!int.TryParse(row.Pin, NumberStyles.None, CultureInfo.InvariantCulture, out var pin))
        {
            throw new ImpossibleInputException(
                "text",
                FormattableString.Invariant($"Row {at}: “{row.Pin}” is no pin’s number.")
            );
        }

        var function = Enum.GetValues<PinFunction>()
            .Cast<PinFunction?>()
            .FirstOrDefault(f => string.Equals(Word(f!.Value), row.Function, StringComparison.OrdinalIgnoreCase))
            ?? throw new ImpossibleInputException(
                "text",
                FormattableString.Invariant(
                    $"Row {at}: “{row.Function}” is none of {string.Join(", ", Enum.GetValues<PinFunction>().Select(Word))}."
                )
            );
        bool Is(string word) => string.Equals(row.Ohms, word, StringComparison.OrdinalIgnoreCase);
        var (open, heard) = (Is(Open), Is(Heard));
        double? ohms = null;
        if (!open && !heard && !string.IsNullOrEmpty(row.Ohms))
        {
            ohms = double.TryParse(row.Ohms, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var read)
                ? read
                : throw new ImpossibleInputException(
                    "text",
                    FormattableString.Invariant(
                        $"Row {at}: “{row.Ohms}” is no resistance; write a number, heard, or open."
                    )
                );
        }

        return new(pin, function, row.Terminal ?? "", row.Colour ?? "", ohms, open) { Heard = heard };
    }

    private static string Word(PinFunction function) =>
        function switch
        {
            PinFunction.LowSpeed => "low speed",
            PinFunction.HighSpeed => "high speed",
            _ => function.ToString().ToLowerInvariant(),
        };

    private sealed class Row
    {
        [Name("pin")]
        public string? Pin { get; set; }

        [Name("function")]
        public string? Function { get; set; }

        [Name("terminal")]
        public string? Terminal { get; set; }

        [Name("colour")]
        public string? Colour { get; set; }

        [Name("ohms")]
        public string? Ohms { get; set; }
    }
}
