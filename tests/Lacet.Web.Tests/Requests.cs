namespace Lacet.Web.Tests;

/// <summary>Bodies as a client of the documented interface would send them.</summary>
internal static class Requests
{
    internal const string Receptacle = """
        { "conductor": { "size": "14 AWG", "build": "solid", "material": "copper", "insulationOuterDiameterMm": 2.8 },
          "landing": { "kind": "binding-screw", "screw": "#8", "torqueMarking": { "least": 9, "most": 14, "unit": "lbf·in" } } }
        """;

    internal const string Block = """
        { "conductor": { "size": "2,5", "build": "fine-stranded", "material": "copper" },
          "landing": { "kind": "screw-clamp-block", "leastMm2": 0.5, "mostMm2": 4, "stripDepthMm": 9,
                       "torqueMarking": { "target": 0.6, "unit": "N·m" }, "ferrule": "required" } }
        """;

    internal static object Termination(
        object tightening,
        Guid? id = null,
        double? strip = 10.2,
        string size = "2.5 mm²"
    ) =>
        new
        {
            id = id ?? Guid.NewGuid(),
            device = "test",
            deviceSequence = 1,
            claimedAt = RunningServer.Now,
            kind = "termination",
            conductor = new
            {
                size,
                build = "fine-stranded",
                material = "copper",
            },
            landing = new
            {
                kind = "screw-clamp-block",
                leastMm2 = 0.5,
                mostMm2 = 4,
                stripDepthMm = 9,
                ferrule = "allowed",
                torqueMarking = new
                {
                    least = 0.5,
                    most = 0.8,
                    unit = "N·m",
                },
            },
            measuredStripMm = strip,
            tightening,
        };

    internal static object Withdrawal(Guid corrects, Guid? id = null) =>
        new
        {
            id = id ?? Guid.NewGuid(),
            device = "test",
            deviceSequence = 2,
            claimedAt = RunningServer.Now,
            kind = "withdrawal",
            corrects,
        };

    internal static object Typed(double value = 0.65) =>
        new
        {
            method = "reading",
            value,
            unit = "N·m",
            tool = "driver 4",
        };

    internal static object ByFeel { get; } = new { method = "by-feel" };
}
