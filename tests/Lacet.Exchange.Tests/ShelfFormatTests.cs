using CsCheck;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Shelf;

namespace Lacet.Exchange.Tests;

/// <summary>Whatever can lie on the Shelf comes back the same from CSV and from JSON.</summary>
public sealed class ShelfFormatTests
{
    private static readonly Gen<string> Texts = Gen.Char["abcXYZ019 ,;\"'=+-@éΩ²\n"]
        .Array[1, 20]
        .Select(chars => new string(chars).Trim())
        .Where(s => s.Length > 0);

    private static readonly Gen<TorqueMarkingDocument?> Torques = Gen.Select(Gen.Int[0, 2], Gen.Double[0.1, 9])
        .Select(t =>
            t.Item1 switch
            {
                0 => null,
                1 => new TorqueMarkingDocument("N·m", Target: t.Item2),
                _ => new TorqueMarkingDocument("lbf·in", Least: t.Item2, Most: t.Item2 + 1),
            }
        );

    private static readonly Gen<LandingDocument> Landings =
        from kind in Gen.Int[0, 5]
        from torque in Torques
        from least in Gen.Double[0.1, 2]
        from depth in Gen.Double[3, 16]
        from given in Gen.Bool
        from two in Gen.Bool
        let accepts = given ? new[] { AcceptedBuild.Solid, AcceptedBuild.Fine } : null
        select kind switch
        {
            0 => (LandingDocument)
                new BindingScrewDocument
                {
                    Screw = given ? "#10" : null,
                    TorqueMarking = torque,
                    Metals = given ? [Material.Copper, Material.Aluminium] : null,
                },
            1 => new ScrewClampBlockDocument
            {
                LeastMm2 = least,
                MostMm2 = least + 4,
                StripDepthMm = depth,
                Ferrule = FerruleAcceptance.Required,
                TorqueMarking = torque,
                TakesTwo = two,
            },
            2 => new PushInBlockDocument
            {
                StripDepthMm = given ? depth : null,
                Accepts = accepts,
                TemperatureC = given ? 75 : null,
            },
            3 => new StudDocument
            {
                StudDiameterMm = depth,
                Termination = RingShape.Fork,
                TorqueMarking = torque,
            },
            4 => new SetScrewLugDocument
            {
                Drive = LugDrive.Slotted,
                SlotWidthIn = 0.04,
                SlotLengthIn = (least / 4) + 0.05,
                SmallerThanNumber10 = two,
                TorqueMarking = torque,
            },
            _ => new SolderLugDocument { HoleMm = given ? (depth / 4) + 0.2 : null },
        };

    private static readonly Gen<ShelfItemDocument> Items =
        from kind in Gen.Int[0, 5]
        from code in Texts
        from name in Texts
        from note in Gen.OneOf(Gen.Const((string?)null), Texts.Select(t => (string?)t))
        from trust in Gen.Enum<DataTrust>()
        from landing in Landings
        from number in Gen.Double[0.1, 50]
        from count in Gen.Int[1, 12]
        from flag in Gen.Bool
        select kind switch
        {
            0 => (ShelfItemDocument)
                new LandingItem
                {
                    Code = code,
                    Name = name,
                    Note = note,
                    Trust = trust,
                    Landing = landing,
                },
            1 => new ConductorItem
            {
                Code = code,
                Name = name,
                Note = note,
                Trust = trust,
                Conductor = new("2.5 mm²", Build.FineStranded, Material.Copper, flag ? 4 + number : null),
                Colour = note,
            },
            2 => new FerruleItem
            {
                Code = code,
                Name = name,
                Note = note,
                Trust = trust,
                SizesMm2 = [0.5, 2.5],
                Series = FerruleColours.French,
                PiecesOfEach = flag ? count : null,
            },
            3 => new ConnectorItem
            {
                Code = code,
                Name = name,
                Note = note,
                Trust = trust,
                LeastCount = 1,
                MostCount = count,
                LeastMm2 = number,
                MostMm2 = number + 1,
                StripMm = number,
                Sealed = flag,
            },
            4 => new DeviceItem
            {
                Code = code,
                Name = name,
                Note = note,
                Trust = trust,
                Type = flag ? DeviceType.Relay : DeviceType.PowerSupply,
                RatedVolts = number + 1,
                RatedCurrent = flag ? CurrentKind.Dc : CurrentKind.NotSaid,
                GivesVolts = flag ? null : number + 2,
                Inside = flag ? [new(InsideKind.Contact, "13", "14"), new(InsideKind.Supply, "+", "-")] : null,
            },
            _ => new ToolItem
            {
                Code = code,
                Name = name,
                Note = note,
                Trust = trust,
                Tool = ShelfTool.TorqueDriver,
                ScaleNm = number,
                CalibratedOn = flag ? new DateOnly(2026, 2, count) : null,
                CyclesSinceCalibration = flag ? count : null,
                CrimpShape = flag ? CrimpShape.Square : null,
            },
        };

    private static string Text(ShelfItemDocument item) => JsonSerializer.Serialize(item, Json.Options);

    [Fact]
    public void A_row_of_CSV_comes_back_the_same() =>
        Items.Sample(
            item =>
            {
                var row = Assert.Single(ShelfCsv.Read(item.Kind, ShelfCsv.Write(item.Kind, [item])));
                Assert.Empty(row.Problems);
                Assert.Equal(Text(item), Text(row.Item!));
            },
            iter: 2000
        );

    [Fact]
    public void A_JSON_document_comes_back_the_same() =>
        Items
            .List[0, 6]
            .Sample(items =>
            {
                var rows = ShelfRow.ReadJson(
                    JsonSerializer.Serialize(new ShelfDocument(ShelfDocument.FormatName, items), Json.Options)
                );
                Assert.All(rows, r => Assert.Empty(r.Problems));
                Assert.Equal(items.Select(Text), rows.Select(r => Text(r.Item!)));
            });
}
