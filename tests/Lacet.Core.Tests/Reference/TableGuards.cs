using System.Globalization;
using Lacet.Core.Boards;
using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Lugs;
using Lacet.Core.Networks;
using Lacet.Core.Planning;
using Lacet.Core.Pull;
using Lacet.Core.Reference;
using Lacet.Core.Rework;
using Lacet.Core.Splices;
using Lacet.Core.Strip;
using Lacet.Core.Torques;

namespace Lacet.Core.Tests.Reference;

/// <summary>
/// For each table, what must hold of its text. A guard throws where a value is not what its source says.
/// </summary>
internal static class TableGuards
{
    internal static readonly IReadOnlyDictionary<string, Action<string>> All = new Dictionary<string, Action<string>>(
        StringComparer.Ordinal
    )
    {
        ["conductors"] = Conductors,
        ["screws"] = Screws,
        ["ferrules"] = Ferrules,
        ["iec60947-torque"] = TestTorques,
        ["typical-blocks"] = Blocks,
        ["typical-torque"] = TypicalTorques,
        ["strippers"] = Strippers,
        ["typical-landings"] = TypicalLandings,
        ["strand-loss"] = StrandLosses,
        ["nec-annex-i-conductor"] = ConductorTorques,
        ["nec-annex-i-small-slot"] = SmallSlots,
        ["nec-annex-i-socket"] = Sockets,
        ["lug-bolts"] = Bolts,
        ["lugs"] = LugRows,
        ["rings"] = Rings,
        ["twin-ferrules"] = Twins,
        ["nec-310-16"] = Ampacities,
        ["iec-60204-1"] = MachineWiring,
        ["glands"] = Glands,
        ["pull-out"] = PullOuts,
        ["crimp-pull-out"] = CrimpPulls,
        ["nec-310-15-c1"] = BundleFactors,
        ["receptacle-ratings"] = Receptacles,
        ["plug-loads"] = PlugLoads,
        ["nec-400-5"] = CordAmpacities,
        ["cord-plugs"] = CordPlugs,
        ["hd-516"] = MetricCords,
        ["cord-lengths"] = CordLengths,
        ["cord-connectors"] = CordConnectors,
        ["cord-jackets"] = CordJackets,
        ["designations"] = DesignationGuards.Designations,
        ["insulation-diameters"] = DesignationGuards.Diameters,
        ["cable-cores"] = DesignationGuards.CableCores,
        ["colours"] = DesignationGuards.Colours,
        ["landing-traits"] = LandingTraitRows,
        ["survey-times"] = SurveyTimes,
        ["slot-widths"] = SlotWidths,
        ["nec-314-16-b"] = BoxConductors,
        ["nec-250-122"] = Earths,
        ["device-inside"] = Insides,
        ["splice-connectors"] = Connectors,
        ["ring-holes"] = RingHoles,
        ["lug-sockets"] = LugSockets,
        ["boxes"] = Boxes,
    };

    private static void Conductors(string text)
    {
        var rows = ReferenceTable.Parse<SizeRow>(text);
        var gauges = Retyped.Gauges.Select(g => (g.Size, g.Strands, g.Fine, g.Od, (double?)null, (double?)null));
        var metric = Retyped.Metric.Select(m =>
            (string.Create(CultureInfo.InvariantCulture, $"{m.Mm2} mm²"), m.Strands, m.Fine, m.Od, m.Ohm12, m.Ohm5)
        );
        Assert.Equal(
            gauges.Concat(metric),
            rows.Select(r => (r.Size, r.Strands, r.FineStrands, r.InsulationOd, r.OhmClass12, r.OhmClass5))
        );
        // A diameter is generic exactly where no document was named for it.
        Assert.All(rows, r =>
            Assert.Equal(
                string.Equals(r.InsulationSource, "common practice", StringComparison.Ordinal) ? "generic" : "standard",
                r.InsulationTrust
            )
        );
    }

    private static void RingHoles(string text) =>
        Assert.Equal(Retyped.RingHoles, ReferenceTable.Parse<RingHole>(text).Select(r => (r.Name, r.Thread, r.Hole)));

    private static void LugSockets(string text) =>
        Assert.Equal(
            Retyped.LugSockets,
            ReferenceTable.Parse<LugSocket>(text).Select(r => (r.Socket, r.Inches, r.LeastMm2, r.MostMm2, r.Sizes))
        );

    private static void Boxes(string text) =>
        Assert.Equal(Retyped.Boxes, ReferenceTable.Parse<UsualBox>(text).Select(r => (r.Name, r.CubicInches)));

    private static void BundleFactors(string text) =>
        Assert.Equal(
            Retyped.BundleFactors,
            ReferenceTable.Parse<BundleFactor>(text).Select(r => (r.MostConductors, r.Percent))
        );

    private static void Receptacles(string text) =>
        Assert.Equal(
            Retyped.Receptacles,
            ReferenceTable.Parse<ReceptacleRatings>(text).Select(r => (r.CircuitAmps, r.Receptacles))
        );

    private static void SlotWidths(string text) =>
        Assert.Equal(Retyped.SlotWidths, ReferenceTable.Parse<SlotWidth>(text).Select(r => (r.Most, r.Width)));

    private static void LandingTraitRows(string text) =>
        Assert.Equal(
            Retyped.LandingTraits,
            ReferenceTable.Parse<LandingTraits>(text).Select(r => (r.Kind, r.Minutes, r.Vibration))
        );

    private static void SurveyTimes(string text) =>
        Assert.Equal(Retyped.SurveyTimes, ReferenceTable.Parse<SurveyTime>(text).Select(r => (r.Work, r.Minutes)));

    private static void BoxConductors(string text) =>
        Assert.Equal(
            Retyped.BoxConductors,
            ReferenceTable.Parse<BoxConductorRow>(text).Select(r => (r.Size, r.CubicInches))
        );

    /// <summary>
    /// Spot values of the table as they are asked in examinations (NEC 250.122, from memory), and what holds of all of
    /// it: aluminium is thicker by one to three trade sizes, and a larger breaker never takes a thinner earth.
    /// </summary>
    private static void Earths(string text)
    {
        var rows = ReferenceTable.Parse<EarthSizeRow>(text).ToList();
        Assert.Equal(Retyped.Earths, rows.Select(r => (r.Amps, r.Copper, r.Aluminium)));
        static double Mm2(string size) => ConductorSize.Parse(size).Area.SquareMillimetres;
        Assert.All(rows, r => Assert.InRange(Mm2(r.Aluminium) / Mm2(r.Copper), 1.1, 1.7));
        Assert.All(rows.Zip(rows.Skip(1)), pair => Assert.True(Mm2(pair.First.Copper) <= Mm2(pair.Second.Copper)));
    }

    /// <summary>
    /// Written down a second time, each kind of each type in a line (the standards named at the head of the table, from
    /// memory).
    /// </summary>
    private static void Insides(string text) =>
        Assert.Equal(
            Retyped.Insides,
            ReferenceTable
                .Parse<DeviceInsideRow>(text)
                .GroupBy(r => $"{r.Type} {r.Inside}")
                .Select(g => (g.Key, string.Join(' ', g.Select(r => $"{r.One}~{r.Other}"))))
        );

    private static void Connectors(string text) =>
        Assert.Equal(
            Retyped.Connectors,
            ReferenceTable
                .Parse<ConnectorRow>(text)
                .Select(r => (r.Kind, r.Strip, r.Within, r.Trim, r.LeastCount, r.MostCount, r.LeastMm2, r.MostMm2))
        );

    private static void PlugLoads(string text) =>
        Assert.Equal(
            Retyped.PlugLoads,
            ReferenceTable.Parse<PlugLoad>(text).Select(r => (r.ReceptacleAmps, r.MostAmps))
        );

    private static void CordAmpacities(string text) =>
        Assert.Equal(
            Retyped.CordAmpacities,
            ReferenceTable.Parse<CordAmpacityRow>(text).Select(r => (r.Size, r.Three, r.Two))
        );

    private static void CordPlugs(string text) =>
        Assert.Equal(
            Retyped.CordPlugs,
            ReferenceTable
                .Parse<CordPlugRow>(text)
                .Select(r => (r.Region, r.Earthed, r.Volts, r.Rating, r.Most, r.TwoWire))
        );

    private static void MetricCords(string text) =>
        Assert.Equal(
            Retyped.MetricCords,
            ReferenceTable.Parse<CordAmpacityRow>(text).Select(r => (r.Size, r.Three, r.Two))
        );

    private static void CordLengths(string text) =>
        Assert.Equal(
            Retyped.CordLengths.SelectMany(r => r.Lengths.Select(l => (r.Region, l))),
            ReferenceTable.Parse<CordLengthRow>(text).Select(r => (r.Region, r.Length))
        );

    private static void CordConnectors(string text) =>
        Assert.Equal(
            Retyped.CordConnectors,
            ReferenceTable.Parse<CordConnectorRow>(text).Select(r => (r.Region, r.Most, r.Name))
        );

    private static void CordJackets(string text) =>
        Assert.Equal(
            Retyped.CordJackets,
            ReferenceTable.Parse<CordJacketRow>(text).Select(r => (r.Region, r.Duty, r.Outdoors, r.Name, r.Most))
        );

    private static void Screws(string text) =>
        Assert.Equal(
            Retyped.Screws.Select(s => (s.Name, Math.Round(s.Major * 25.4, 2), Math.Round(s.Head * 25.4, 1))),
            ReferenceTable.Parse<ScrewSize>(text).Select(r => (r.Name, r.MajorDiameter, r.HeadDiameter))
        );

    private static void Ferrules(string text) =>
        Assert.Equal(
            Retyped.Ferrules,
            ReferenceTable
                .Parse<FerruleRow>(text)
                .Select(r =>
                    (
                        r.Size,
                        r.Pins,
                        r.PinBore,
                        r.CollarBore,
                        r.PinWall,
                        r.CollarWall,
                        r.Entry,
                        $"{r.Din}/{r.French}/{r.Other}"
                    )
                )
        );

    private static void TestTorques(string text)
    {
        var rows = ReferenceTable.Parse<TestTorque>(text);
        Assert.Equal(Retyped.TestTorques, rows.Select(r => (r.MostThread, r.Headless, r.Screwdriver, r.Other)));
        // By law: a thicker thread is never tested with less.
        Assert.Equal(rows.Select(r => r.Other).Order(), rows.Select(r => r.Other));
    }

    private static void Blocks(string text) =>
        Assert.Equal(
            Retyped.Blocks,
            ReferenceTable.Parse<TypicalBlock>(text).Select(r => (r.Most, r.StripDepth, r.Thread, r.Drive))
        );

    /// <summary>
    /// Without a marking, common practice: receptacle screws 9 to 14 lbf·in, clamps 12 to 18, plugs 10 to 14.
    /// </summary>
    private static void TypicalTorques(string text) =>
        Assert.Equal(
            [("binding-screw", 12, 9, 14), ("back-wire-clamp", 15, 12, 18), ("plug-screw", 12, 10, 14)],
            ReferenceTable.Parse<TypicalTorque>(text).Select(r => (r.Kind, r.Target, r.Least, r.Most))
        );

    private static void Strippers(string text) =>
        Assert.Equal(
            Retyped.Strippers,
            ReferenceTable.Parse<StripTool>(text).Select(r => (r.MostArea, r.Kind, r.Tool))
        );

    private static void TypicalLandings(string text) =>
        Assert.Equal(
            Retyped.TypicalLandings,
            ReferenceTable
                .Parse<TypicalLanding>(text)
                .Select(r =>
                    (r.Kind, r.LeastMm2, r.MostMm2, r.StripLeast, r.StripDepth, r.StripMost, r.Ferrule, r.Accepts)
                )
        );

    private static void StrandLosses(string text) =>
        Assert.Equal(
            Retyped.StrandLosses,
            ReferenceTable.Parse<StrandLossLimit>(text).Select(r => (r.MostStrands, r.Class12, r.Class3))
        );

    private static void ConductorTorques(string text)
    {
        var rows = ReferenceTable.Parse<ConductorTorqueRow>(text);
        Assert.Equal(
            Retyped.ConductorTorques,
            rows.Select(r => (r.Conductor, r.MostMm2, r.NarrowSlot, r.WideSlot, r.SplitBolt, r.Hexagon))
        );
        // By law: a larger conductor is never tightened less.
        foreach (
            var column in new Func<ConductorTorqueRow, double?>[]
            {
                r => r.NarrowSlot,
                r => r.WideSlot,
                r => r.SplitBolt,
                r => r.Hexagon,
            }
        )
        {
            var values = rows.Select(column).OfType<double>().ToList();
            Assert.Equal(values.Order(), values);
        }
    }

    private static void SmallSlots(string text) =>
        Assert.Equal(
            Retyped.SmallSlots,
            ReferenceTable.Parse<SmallSlotRow>(text).Select(r => (r.Slot, r.MostLength, r.Narrow, r.Wide))
        );

    private static void Sockets(string text) =>
        Assert.Equal(
            Retyped.Sockets,
            ReferenceTable.Parse<SocketRow>(text).Select(r => (r.AcrossFlats, r.Inches, r.Torque))
        );

    private static void Bolts(string text) =>
        Assert.Equal(Retyped.Bolts, ReferenceTable.Parse<BoltRow>(text).Select(r => (r.Bolt, r.Inches, r.Torque)));

    private static void LugRows(string text) =>
        Assert.Equal(
            Retyped.Lugs,
            ReferenceTable
                .Parse<LugRow>(text)
                .Select(r => (r.MostMm2, r.SetScrew, r.Socket, r.Crimped, r.CopperCrimps, r.AluminiumCrimps, r.Bolt))
        );

    private static void Rings(string text) =>
        Assert.Equal(
            Retyped.Rings,
            ReferenceTable
                .Parse<RingRow>(text)
                .Select(r => (r.Colour, r.Printed, r.LeastMm2, r.MostMm2, r.Barrel, r.SleeveOd))
        );

    private static void Twins(string text) =>
        Assert.Equal(Retyped.Twins, ReferenceTable.Parse<TwinRow>(text).Select(r => (r.Size, r.Pins, r.Entry)));

    private static void Ampacities(string text) =>
        Assert.Equal(
            Retyped.Ampacities,
            ReferenceTable
                .Parse<AmpacityRow>(text)
                .Select(r =>
                    (
                        r.Size,
                        r.Copper60,
                        r.Copper75,
                        r.Copper90,
                        r.Aluminium60,
                        r.Aluminium75,
                        r.Aluminium90,
                        r.OcpdCopper,
                        r.OcpdAluminium
                    )
                )
        );

    /// <summary>IEC 60947-1 and 60999-1, N (from memory).</summary>
    private static void PullOuts(string text)
    {
        var rows = ReferenceTable.Parse<PullOutRow>(text);
        Assert.Equal(
            [
                (0.2, "24 AWG", 10),
                (0.34, "22 AWG", 15),
                (0.5, "20 AWG", 20),
                (0.75, "18 AWG", 30),
                (1, "", 35),
                (1.5, "16 AWG", 40),
                (2.5, "14 AWG", 50),
                (4, "12 AWG", 60),
                (6, "10 AWG", 80),
                (10, "8 AWG", 90),
                (16, "6 AWG", 100),
                (25, "4 AWG", 135),
                (null, "3 AWG", 156),
                (35, "2 AWG", 190),
                (50, "1 AWG|1/0 AWG", 236),
                (70, "2/0 AWG", 285),
                (95, "3/0 AWG", 351),
                (120, "4/0 AWG|250 kcmil", 427),
            ],
            rows.Select(r => (r.Mm2, r.Gauges, r.Newtons))
        );
        Assert.Equal(rows.Select(r => r.Newtons).Order(), rows.Select(r => r.Newtons));
    }

    /// <summary>UL 486A-486B, lbf (from memory).</summary>
    private static void CrimpPulls(string text) =>
        Assert.Equal(
            [
                ("22 AWG", 8),
                ("20 AWG", 13),
                ("18 AWG", 20),
                ("16 AWG", 30),
                ("14 AWG", 50),
                ("12 AWG", 70),
                ("10 AWG", 80),
                ("8 AWG", 90),
                ("6 AWG", 100),
                ("4 AWG", 140),
                ("3 AWG", 160),
                ("2 AWG", 180),
                ("1 AWG", 200),
                ("1/0 AWG", 250),
                ("2/0 AWG", 300),
                ("3/0 AWG", 350),
                ("4/0 AWG", 450),
                ("250 kcmil", 500),
            ],
            ReferenceTable.Parse<CrimpPullRow>(text).Select(r => (r.Size, r.Pounds))
        );

    /// <summary>Metric glands and the jackets they usually clamp, mm (common practice, from memory).</summary>
    private static void Glands(string text) =>
        Assert.Equal(
            [
                ("M12", 3, 6.5),
                ("M16", 4.5, 10),
                ("M20", 7, 13),
                ("M25", 9, 17),
                ("M32", 13, 21),
                ("M40", 18, 28),
                ("M50", 27, 35),
                ("M63", 34, 45),
            ],
            ReferenceTable.Parse<Gland>(text).Select(r => (r.Name, r.LeastJacket, r.MostJacket))
        );

    private static void MachineWiring(string text) =>
        Assert.Equal(Retyped.MachineWiring, ReferenceTable.Parse<MachineWiringRow>(text).Select(r => (r.Mm2, r.Amps)));
}
