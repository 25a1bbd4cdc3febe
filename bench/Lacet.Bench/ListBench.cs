using System.Diagnostics;
using System.Globalization;
using System.Text;
using Lacet.Core.Conductors;
using Lacet.Exchange.Import;

namespace Lacet.Bench;

/// <summary>How long a list takes to be read, and how long one wire's text.</summary>
internal static class ListBench
{
    private static readonly string[] Wires =
    [
        "#12 WHT THHN",
        "14/2 NM w/g",
        "2.5 BU H07V-K",
        "4/0 al xhhw",
        "10GA STR RED",
        "16/3 sjoow",
        "3G1.5 H07RN-F",
        "18 AWG stranded copper, white, blue stripe, 3.2 m",
    ];

    internal static void Run()
    {
        Texts();
        Preview("own headings", 10_000, Own);
        Preview("device and terminal apart, size with colour", 10_000, Shop);
        Preview("own headings", 49_000, Own);
    }

    private static void Texts()
    {
        const int Rounds = 4_000;
        for (var warm = 0; warm < 40_000; warm++)
        {
            _ = WireText.Read(Wires[warm % Wires.Length]);
        }

        var started = Stopwatch.GetTimestamp();
        for (var round = 0; round < Rounds; round++)
        {
            foreach (var wire in Wires)
            {
                _ = WireText.Read(wire);
            }
        }

        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"A wire's text: {Stopwatch.GetElapsedTime(started).TotalMicroseconds / Rounds / Wires.Length:0.0} µs"
            )
        );
    }

    private static string Own(int rows)
    {
        var text = new StringBuilder("Wire;From;From type;To;To type;Size;Colour;Function;Circuit;Breaker;Length\r\n");
        for (var i = 0; i < rows; i++)
        {
            text.Append(
                CultureInfo.InvariantCulture,
                $"{i};P{i / 50}/X1:{i};screw clamp;P{i / 50}/X2:{i};spring cage;{(i % 3 == 0 ? "14 AWG" : "2,5")};black;line;C{i / 20};16 A;3,2 m\r\n"
            );
        }

        return text.ToString();
    }

    private static string Shop(int rows)
    {
        string[] colours = ["BLU", "RED", "BLK", "WHT/BLU", "GRN"];
        var text = new StringBuilder("No.,Device,Term,Device,Term,Wire,Len (ft),Remarks,Xref\r\n");
        for (var i = 0; i < rows; i++)
        {
            text.Append(
                CultureInfo.InvariantCulture,
                $"{1000 + i},TB{i / 40},{(i % 40) + 1},K{i / 8},{"A1 A2 13 14 21 22 L1 T1".Split(' ')[i % 8]},{14 + (2 * (i % 3))} AWG {colours[i % 5]},{2 + (i % 37 * 0.25)},see sheet {i / 30} of the drawings,{i / 30}.{i % 30}\r\n"
            );
        }

        return text.ToString();
    }

    private static void Preview(string what, int rows, Func<int, string> list)
    {
        var file = Encoding.UTF8.GetBytes(list(rows));
        List<double> took = [],
            columnsTook = [];
        for (var run = 0; run < 3; run++)
        {
            var started = Stopwatch.GetTimestamp();
            var sheet = SheetReader.Read(file, null, null, default).Sheets[0];
            var opened = Stopwatch.GetTimestamp();
            var (heading, columns) = SheetColumns.Find(sheet);
            columnsTook.Add(Stopwatch.GetElapsedTime(opened).TotalMilliseconds);
            var read = new WireListReader(columns, new Dictionary<string, string>(StringComparer.Ordinal), _ =>
                null
            ).Read(sheet, heading, new Dictionary<(int, ColumnMeaning), string>(), null, default);
            _ = ListPlan.Of([], read, new ListPlanOptions(), Guid.NewGuid);
            took.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        }

        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Import of {rows:#,0} rows, {what}: the first {took[0]:0} ms, then {took.Order().ElementAt(1):0} ms read and planned, of which {columnsTook.Order().ElementAt(1):0} ms to tell the columns"
            )
        );
    }
}
