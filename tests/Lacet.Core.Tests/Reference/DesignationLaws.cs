using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Tests.Reference;

/// <summary>The laws by which standards make the letters of wires and cords; from memory.</summary>
internal static class DesignationLaws
{
    /// <summary>
    /// Cables, whose letters follow no law: build, column, dry, wet (0 where it is not for wet places), volts. NEC 334,
    /// 338, 340, 330, 320, 336, 725, 800; VDE 0250, 0276, 0812; NF C 32-321.
    /// </summary>
    private static readonly (string Codes, Build? Build, int Column, int Dry, int Wet, int Volts)[] Cables =
    [
        ("NM", Build.Solid, 60, 60, 0, 600),
        ("NM-B NMC-B", Build.Solid, 60, 90, 0, 600),
        ("UF", Build.Solid, 60, 60, 60, 600),
        ("UF-B", Build.Solid, 60, 90, 60, 600),
        ("SE SEU", Build.Stranded, 75, 75, 75, 600),
        ("SER TC TC-ER", Build.Stranded, 75, 90, 75, 600),
        ("MC AC", Build.Solid, 90, 90, 0, 600),
        ("PLTC", Build.Stranded, 60, 105, 0, 300),
        ("CL2 CL2R CL2P", null, 60, 60, 0, 150),
        ("CL3 CL3R CL3P CM CMR CMP", null, 60, 60, 0, 300),
        ("NYM NYM-J NYM-O", Build.Solid, 70, 70, 0, 500),
        ("NYY NYY-J NYY-O", Build.Solid, 70, 70, 70, 1000),
        ("U-1000_R2V", Build.Solid, 90, 90, 90, 1000),
        ("LiYY LiYCY", Build.FineStranded, 70, 70, 0, 300),
        ("YSLY-JZ YSLY-OZ", Build.FineStranded, 70, 70, 0, 500),
        ("UL_2464", Build.Stranded, 60, 80, 0, 300),
    ];

    /// <summary>UL 758 styles: temperature, voltage, wall in mm.</summary>
    private static readonly (int Style, int Celsius, int Volts, double Wall)[] Styles =
    [
        (1007, 80, 300, 0.4),
        (1061, 80, 300, 0.23),
        (1569, 105, 300, 0.4),
        (1015, 105, 600, 0.8),
        (1430, 105, 300, 0.4),
        (1431, 105, 600, 0.8),
        (3265, 125, 150, 0.25),
        (3266, 125, 300, 0.4),
        (3271, 125, 600, 0.8),
    ];

    internal static (DesignationKind, Region, Build?, int, int, int, int) Of(string code)
    {
        foreach (var cable in Cables)
        {
            if (cable.Codes.Split(' ').Contains(code.Replace(' ', '_'), StringComparer.Ordinal))
            {
                var region =
                    code[0] is 'L' or 'Y'
                    || code.StartsWith("NY", StringComparison.Ordinal)
                    || code.StartsWith("U-", StringComparison.Ordinal)
                        ? Region.Iec
                        : Region.NorthAmerica;
                return (DesignationKind.Cable, region, cable.Build, cable.Column, cable.Dry, cable.Wet, cable.Volts);
            }
        }

        return code.StartsWith("UL ", StringComparison.Ordinal) ? Style(int.Parse(code[3..]))
            : code[0] == 'H' && char.IsAsciiDigit(code[1]) ? Harmonised(code)
            : code == "HPN" ? (DesignationKind.Cord, Region.NorthAmerica, Build.FineStranded, 60, 90, 60, 300)
            : code[0] == 'S' && code != "SIS" ? Cord(code)
            : Wire(code);
    }

    private static (DesignationKind, Region, Build?, int, int, int, int) Style(int number)
    {
        var style = Styles.Single(s => s.Style == number);
        return (
            DesignationKind.Wire,
            Region.NorthAmerica,
            Build.Stranded,
            Math.Min(style.Celsius, 90),
            style.Celsius,
            0,
            style.Volts
        );
    }

    /// <summary>HD 361: H, the voltage, the insulation, and how it is made.</summary>
    private static (DesignationKind, Region, Build?, int, int, int, int) Harmonised(string code)
    {
        var volts = code[1..3] switch
        {
            "03" => 300,
            "05" => 500,
            _ => 750,
        };
        var insulation = code[3..code.LastIndexOf('-')];
        var celsius = insulation switch
        {
            "V2" or "V2V2" or "Z" or "BQ" => 90,
            "S" or "SS" => 180,
            "RR" or "RN" => 60,
            _ => 70,
        };
        var build = code[^1] switch
        {
            'U' => Build.Solid,
            'R' => Build.Stranded,
            _ => Build.FineStranded,
        };
        // Chloroprene and polyurethane may get wet.
        var wet = insulation is "RN" or "BQ" ? celsius : 0;
        return (
            code[^1] == 'F' ? DesignationKind.Cord : DesignationKind.Wire,
            Region.Iec,
            build,
            celsius,
            celsius,
            wet,
            volts
        );
    }

    /// <summary>NEC table 400.4: J junior and V light are for 300 V, as parallel cords are; W is for wet places.</summary>
    private static (DesignationKind, Region, Build?, int, int, int, int) Cord(string code) =>
        (
            DesignationKind.Cord,
            Region.NorthAmerica,
            Build.FineStranded,
            60,
            60,
            code.Contains('W', StringComparison.Ordinal) ? 60 : 0,
            code[1..].IndexOfAny(['J', 'V', 'P']) == 0 ? 300 : 600
        );

    /// <summary>NEC table 310.4: H is for 75 °C, HH for 90; W is for wet places; -2 is for 90 °C wet and dry.</summary>
    private static (DesignationKind, Region, Build?, int, int, int, int) Wire(string code)
    {
        var names = code.Split('/');
        var dry = names.Max(n =>
            n.EndsWith("-2", StringComparison.Ordinal)
            || n.Contains("HH", StringComparison.Ordinal)
            || n is "TFN" or "TFFN" or "MTW" or "SIS"
                ? 90
            : n.Contains('H', StringComparison.Ordinal) || n is "USE" or "THWN" ? 75
            : 60
        );
        var wet = names.Max(n =>
            n.EndsWith("-2", StringComparison.Ordinal) ? 90
            : n is "USE" || (n.Contains('W', StringComparison.Ordinal) && n.Contains('H', StringComparison.Ordinal))
                ? 75
            : n.Contains('W', StringComparison.Ordinal) ? 60
            : 0
        );
        var build =
            code is "TFFN" or "TFF" or "SIS" || code.StartsWith("MTW", StringComparison.Ordinal)
                ? Build.Stranded
                : (Build?)null;
        // Machine tool wire is taken at 60 °C: NFPA 79 has columns of its own.
        return (DesignationKind.Wire, Region.NorthAmerica, build, code == "MTW" ? 60 : dry, dry, wet, 600);
    }

    internal static string Group(string code) =>
        code switch
        {
            "TW" or "THW" or "THHW" or "THW-2" => "TW",
            "RHH" or "RHW" or "RHW-2" => "RHW",
            "TFN" or "TFFN" => "TFN",
            "TF" or "TFF" => "TF",
            "SE" or "SEU" or "SER" => "XHHW",
            "NM" or "NM-B" or "NMC-B" or "MC" or "AC" or "TC" or "TC-ER" => "THHN",
            "NYM" or "NYM-J" or "NYM-O" => "H07V-U",
            _ when code.StartsWith("XHH", StringComparison.Ordinal) => "XHHW",
            _ when code.Contains("THHN", StringComparison.Ordinal)
                    || code.StartsWith("THWN", StringComparison.Ordinal) => "THHN",
            _ when code[0] == 'H'
                    && code[^2] == '-'
                    && code[^1] != 'F'
                    && !code.Contains('S', StringComparison.Ordinal) => $"H07V-{code[^1]}",
            _ => "",
        };

    internal static double? Wall(string code) =>
        code is "MTW" or "SIS" ? 0.76
        : code.StartsWith("UL ", StringComparison.Ordinal) && code != "UL 2464"
            ? Styles.Single(s => s.Style == int.Parse(code[3..])).Wall
        : null;
}
