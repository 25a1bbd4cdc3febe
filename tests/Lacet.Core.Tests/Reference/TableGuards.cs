using System.Globalization;
using Lacet.Core.Ferrules;
using Lacet.Core.Reference;
using Lacet.Core.Strip;
using Lacet.Core.Torques;

namespace Lacet.Core.Tests.Reference;

/// <summary>For each table, what must hold of its text. A guard throws where a value is not what its source says.</summary>
internal static class TableGuards
{
    internal static readonly IReadOnlyDictionary<string, Action<string>> All = new Dictionary<string, Action<string>>(StringComparer.Ordinal)
    {
        ["conductors"] = Conductors,
        ["screws"] = Screws,
        ["ferrules"] = Ferrules,
        ["iec60947-torque"] = TestTorques,
        ["typical-blocks"] = Blocks,
        ["typical-torque"] = TypicalTorques,
        ["strippers"] = Strippers,
    };

    private static void Conductors(string text)
    {
        var rows = ReferenceTable.Parse<SizeRow>(text);
        var gauges = Retyped.Gauges.Select(g => (g.Size, g.Strands, g.Fine, g.Od, (double?)null, (double?)null));
        var metric = Retyped.Metric.Select(m => (
            string.Create(CultureInfo.InvariantCulture, $"{m.Mm2} mm²"), m.Strands, m.Fine, m.Od, m.Ohm12, m.Ohm5));
        Assert.Equal(
            gauges.Concat(metric),
            rows.Select(r => (r.Size, r.Strands, r.FineStrands, r.InsulationOd, r.OhmClass12, r.OhmClass5)));
        // A diameter is generic exactly where no document was named for it.
        Assert.All(rows, r => Assert.Equal(
            string.Equals(r.InsulationSource, "common practice", StringComparison.Ordinal) ? "generic" : "standard", r.InsulationTrust));
    }

    private static void Screws(string text) => Assert.Equal(
        Retyped.Screws.Select(s => (s.Name, Math.Round(s.Major * 25.4, 2), Math.Round(s.Head * 25.4, 1))),
        ReferenceTable.Parse<ScrewSize>(text).Select(r => (r.Name, r.MajorDiameter, r.HeadDiameter)));

    private static void Ferrules(string text) => Assert.Equal(
        Retyped.Ferrules,
        ReferenceTable.Parse<FerruleRow>(text).Select(r => (r.Size, r.Pins, r.PinBore, r.CollarBore, r.Entry, $"{r.Din}/{r.French}/{r.Other}")));

    private static void TestTorques(string text)
    {
        var rows = ReferenceTable.Parse<TestTorque>(text);
        Assert.Equal(Retyped.TestTorques, rows.Select(r => (r.MostThread, r.Headless, r.Screwdriver, r.Other)));
        // By law: a thicker thread is never tested with less.
        Assert.Equal(rows.Select(r => r.Other).Order(), rows.Select(r => r.Other));
    }

    private static void Blocks(string text) => Assert.Equal(
        Retyped.Blocks, ReferenceTable.Parse<TypicalBlock>(text).Select(r => (r.Most, r.StripDepth, r.Thread, r.Drive)));

    /// <summary>Receptacle screws without a marking: 9 to 14 lbf·in, 12 a usual target (common practice).</summary>
    private static void TypicalTorques(string text) => Assert.Equal(
        [("binding-screw", 12, 9, 14)],
        ReferenceTable.Parse<TypicalTorque>(text).Select(r => (r.Kind, r.Target, r.Least, r.Most)));

    private static void Strippers(string text) =>
        Assert.Equal(Retyped.Strippers, ReferenceTable.Parse<StripTool>(text).Select(r => (r.MostArea, r.Tool)));
}
