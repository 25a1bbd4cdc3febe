using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Tests.Reference;

/// <summary>
/// Letters of wires by the laws that standards make them by, and diameters by the other columns of the same tables; all
/// from memory.
/// </summary>
internal static class DesignationGuards
{
    private static readonly string[] Codes =
    [
        // NEC 310.4 and UL 758, wires.
        .. "THHN|THWN|THWN-2|THHN/THWN|THHN/THWN-2|TW|THW|THHW|THW-2|XHH|XHHW|XHHW-2|RHH|RHW|RHW-2|RHH/RHW-2|USE|USE-2|USE-2/RHH/RHW-2|TFN|TFFN|TF|TFF|MTW|MTW/THHN|SIS|UL 1007|UL 1061|UL 1569|UL 1015|UL 1430|UL 1431|UL 3265|UL 3266|UL 3271".Split(
            '|'
        ),
        // NorthAmerica, cables.
        .. "NM|NM-B|NMC-B|UF|UF-B|SE|SEU|SER|MC|AC|TC|TC-ER|PLTC|CL2|CL2R|CL2P|CL3|CL3R|CL3P|CM|CMR|CMP|UL 2464".Split(
            '|'
        ),
        // NorthAmerica, cords.
        .. "SPT-1|SPT-2|SPT-3|HPN|SV|SVO|SVOO|SVT|SVTO|SVTOO|SJ|SJO|SJOO|SJT|SJTO|SJTOO|SJOW|SJOOW|SJTW|SJTOW|SJTOOW|SJEOOW|S|SO|SOO|ST|STO|STOO|SOW|SOOW|STW|STOW|STOOW|SEOOW".Split(
            '|'
        ),
        // EN 50525-2-31 and -3-41, wires.
        .. "H05V-U|H05V-K|H07V-U|H07V-R|H07V-K|H05V2-U|H05V2-K|H07V2-U|H07V2-R|H07V2-K|H05Z-U|H05Z-K|H07Z-U|H07Z-R|H07Z-K|H05Z1-U|H05Z1-K|H07Z1-U|H07Z1-R|H07Z1-K|H05S-K".Split(
            '|'
        ),
        // Iec, cables.
        .. "NYM|NYM-J|NYM-O|NYY|NYY-J|NYY-O|U-1000 R2V|LiYY|LiYCY|YSLY-JZ|YSLY-OZ".Split('|'),
        // Iec, cords.
        .. "H03VV-F|H03VVH2-F|H05VV-F|H05VVH2-F|H05V2V2-F|H05VV5-F|H05RR-F|H05RN-F|H07RN-F|H05BQ-F|H07BQ-F|H05SS-F".Split(
            '|'
        ),
    ];

    /// <summary>NEC chapter 9 table 5, the column of areas, in² × 10 000: another column than the diameters.</summary>
    private static readonly Dictionary<string, string> Areas = new(StringComparer.Ordinal)
    {
        ["THHN"] = "97 133 211 366 507 824 973 1158 1562 1855 2223 2679 3237 3970",
        ["XHHW"] = "139 181 243 437 590 814 962 1146 1534 1825 2190 2642 3197 3904",
        ["TW"] = "139 181 243 437 726 973 1134 1333 1901 2223 2624 3117 3718 4596",
        ["RHW"] = "293 353 437 835 1041 1333 1521 1750 2660 3039 3505 4072 4754 6291",
        ["TFN"] = "55 72",
        ["TF"] = "88 109",
    };

    /// <summary>EN 50525-2-31: least and most, mm.</summary>
    private static readonly Dictionary<string, string> Ranges = new(StringComparer.Ordinal)
    {
        ["H07V-U"] = "1.9-2.3 2.1-2.5 2.2-2.7 2.6-3.2 3.2-3.9 3.6-4.4 4.1-5 5.3-6.4",
        ["H07V-R"] =
            "2.7-3.3 3.3-4 3.8-4.6 4.3-5.2 5.6-6.7 6.4-7.8 8.1-9.7 9-10.9 10.6-12.8 12.1-14.6 14.1-17.1 15.6-18.8",
        ["H07V-K"] =
            "2.1-2.5 2.2-2.7 2.4-2.8 2.8-3.4 3.4-4.1 3.9-4.8 4.4-5.3 5.7-6.8 6.7-8.1 8.4-10.2 9.7-11.7 11.5-13.9 13.2-16 15.1-18.2 16.7-20.2",
    };

    private const string Gauges =
        "14 AWG,12 AWG,10 AWG,8 AWG,6 AWG,4 AWG,3 AWG,2 AWG,1 AWG,1/0 AWG,2/0 AWG,3/0 AWG,4/0 AWG,250 kcmil";
    private const string Squares =
        "0.5 mm²,0.75 mm²,1 mm²,1.5 mm²,2.5 mm²,4 mm²,6 mm²,10 mm²,16 mm²,25 mm²,35 mm²,50 mm²,70 mm²,95 mm²,120 mm²";

    internal static void Designations(string text)
    {
        var rows = ReferenceTable.Parse<Designation>(text);
        Assert.Equal(Codes.Order(StringComparer.Ordinal), rows.Select(r => r.Code).Order(StringComparer.Ordinal));
        foreach (var row in rows)
        {
            var law = DesignationLaws.Of(row.Code);
            Assert.True(
                law == (row.Kind, row.Region, row.Build, row.Column, row.Dry, row.Wet ?? 0, row.Volts),
                row.Code
            );
            Assert.Equal((DesignationLaws.Group(row.Code), DesignationLaws.Wall(row.Code)), (row.Group, row.Wall));
        }
    }

    internal static void Diameters(string text)
    {
        var rows = ReferenceTable.Parse<InsulationDiameterRow>(text).ToLookup(r => r.Group, StringComparer.Ordinal);
        Assert.Equal(Areas.Keys.Concat(Ranges.Keys).Order(), rows.Select(r => r.Key).Order());
        foreach (var (group, areas) in Areas)
        {
            Assert.Equal(
                group.StartsWith("TF", StringComparison.Ordinal) ? "18 AWG,16 AWG" : Gauges,
                string.Join(',', rows[group].Select(r => r.Size))
            );
            foreach (var (row, area) in rows[group].Zip(areas.Split(' ').Select(double.Parse)))
            {
                // The table has thousandths of an inch beside millimetres.
                var inches = Math.Round(row.Mm / 25.4, 3);
                Assert.Equal(Math.Round(inches * 25.4, 2), row.Mm);
                Assert.InRange(inches * inches * Math.PI / 4 * 10_000, area - 1.1, area + 1.1);
            }
        }

        foreach (var (group, ranges) in Ranges)
        {
            var sizes = Squares.Split(',').AsEnumerable();
            sizes =
                group.EndsWith('U') ? sizes.Take(8)
                : group.EndsWith('R') ? sizes.Skip(3)
                : sizes;
            Assert.Equal(sizes, rows[group].Select(r => r.Size));
            Assert.All(rows[group].Zip(ranges.Split(' ').Select(r => r.Split('-').Select(double.Parse).Average())), r =>
                Assert.Equal(r.Second, r.First.Mm, 0.0051)
            );
        }
    }

    internal static void Colours(string text) =>
        Assert.Equal(
            new Dictionary<Hue, string>
            {
                [Hue.Black] = "bk black blk schwarz sw noir negro nero zwart preto",
                [Hue.Brown] = "bn brown brn br braun brun marron marrón marrone bruin castanho marrom",
                [Hue.Red] = "rd red rot rt rouge rojo rosso rood vermelho encarnado",
                [Hue.Orange] = "og orange org orn orng or naranja arancione arancio oranje laranja",
                [Hue.Yellow] = "ye yellow yel yl ylw gelb ge jaune amarillo giallo geel amarelo",
                [Hue.Green] = "gn green grn grün gruen vert verde groen",
                [Hue.Blue] =
                    "bu blue blu dbu lbu db lb ltblu dkblu bl blau hellblau dunkelblau bleu azul celeste azzurro blauw",
                [Hue.Violet] = "vt violet vio purple pur prp violett vi lila violeta morado viola paars roxo",
                [Hue.Grey] = "gy grey gray gry grau gr gris grigio grijs cinza cinzento",
                [Hue.White] = "wh white wht weiß weiss ws blanc blanco bianco wit branco",
                [Hue.Pink] = "pk pink pnk rosa rs rose roze",
                [Hue.Turquoise] = "tq turquoise türkis tuerkis tk turquesa turchese turkoois",
                [Hue.Tan] = "tan beige",
                [Hue.Bare] = "bare none blank nu desnudo nudo",
            },
            ReferenceTable
                .Parse<ColourRow>(text)
                .GroupBy(r => r.Hue)
                .OrderBy(g => g.Key)
                .ToDictionary(g => g.Key, g => string.Join(' ', g.Select(r => r.Word)))
        );

    /// <summary>
    /// HD 308 S2, from memory: brown, black, grey are the lines, blue stands before them, and a fifth is black again. In
    /// North America cords add red and orange behind (UL 62), and the white of a cable stands last (common practice).
    /// </summary>
    internal static void CableCores(string text)
    {
        var rows = ReferenceTable.Parse<CableCoresRow>(text);
        string[] Of(Region region, DesignationKind kind, int insulated) =>
            Assert.Single(rows, r => (r.Region, r.Kind, r.Insulated) == (region, kind, insulated)).Colours.Split(' ');
        string[] lines = ["brown", "black", "grey"];
        foreach (var kind in new[] { DesignationKind.Cable, DesignationKind.Cord })
        {
            Assert.Equal(["blue", lines[0]], Of(Region.Iec, kind, 2));
            Assert.Equal(lines, Of(Region.Iec, kind, 3));
            Assert.Equal(["blue", .. lines], Of(Region.Iec, kind, 4));
            Assert.Equal(["blue", .. lines, "black"], Of(Region.Iec, kind, 5));
        }

        foreach (var n in new[] { 2, 3, 4 })
        {
            Assert.Equal(
                new[] { "black", "white", "red", "orange" }.Take(n),
                Of(Region.NorthAmerica, DesignationKind.Cord, n)
            );
            Assert.Equal(
                [.. new[] { "black", "red", "blue" }.Take(n - 1), "white"],
                Of(Region.NorthAmerica, DesignationKind.Cable, n)
            );
        }

        Assert.Equal(14, rows.Count);
    }
}
