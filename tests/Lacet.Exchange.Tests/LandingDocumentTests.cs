using System.Text.Json.Nodes;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Shelf;

namespace Lacet.Exchange.Tests;

/// <summary>Every member of every kind of landing reaches the core, and what is written about them is true.</summary>
public sealed class LandingDocumentTests
{
    private static Landing Read(string json) => JsonSerializer.Deserialize<LandingDocument>(json, Json.Options)!.Read();

    [Fact]
    public void Printed_data_reaches_the_core()
    {
        foreach (
            var kind in new[]
            {
                "back-wire-clamp",
                "back-stab",
                "lever",
                "screw-clamp-block",
                "spring-cage-block",
                "push-in-block",
                "deep-push-in",
            }
        )
        {
            var landing = Assert.IsType<PrintedLanding>(
                Read(
                    $$"""{"kind":"{{kind}}","leastMm2":1,"mostMm2":3,"stripDepthMm":12.5,"ferrule":"required","accepts":["solid","fine"]}"""
                ),
                exactMatch: false
            );
            Assert.Equal(kind, landing.Kind);
            Assert.Equal(
                (1, 3, 12.5, FerruleAcceptance.Required),
                (landing.LeastMm2, landing.MostMm2, landing.StripDepth.Millimetres, landing.Ferrule)
            );
            Assert.Equal([Build.Solid, Build.FineStranded], landing.Accepts.Order());
            Assert.True(
                landing is { RangeIsGiven: true, StripDepthIsGiven: true, FerruleIsGiven: true, AcceptsIsGiven: true }
            );
        }
    }

    [Fact]
    public void A_lug_s_data_reaches_the_core()
    {
        var lug = Assert.IsType<SetScrewLug>(
            Read(
                """{"kind":"set-screw-lug","drive":"slotted","slotWidthIn":0.05,"slotLengthIn":0.2,"smallerThanNumber10":true,"leastMm2":2,"mostMm2":35,"barrelDepthMm":14,"metals":["copper","aluminium"],"temperatureC":75,"takesTwo":true}"""
            )
        );
        Assert.Equal(
            (LugDrive.Slotted, 0.05, 0.2, true),
            (lug.Drive, lug.Slot!.WidthIn, lug.Slot.LengthIn, lug.Slot.SmallerThanNumber10)
        );
        Assert.Equal(
            (2, 35, 14, 75, true),
            (lug.LeastMm2, lug.MostMm2, lug.BarrelDepth!.Value.Millimetres, lug.TemperatureC!.Value, lug.TakesTwo)
        );
        Assert.Contains(Material.Aluminium, lug.Metals);
        Assert.Equal(
            0.25,
            Assert
                .IsType<SetScrewLug>(Read("""{"kind":"set-screw-lug","drive":"hex-socket","acrossFlatsIn":0.25}"""))
                .AcrossFlatsIn
        );
    }

    [Fact]
    public void The_other_kinds_data_reaches_the_core()
    {
        var stud = Assert.IsType<Stud>(
            Read("""{"kind":"stud","studDiameterMm":5,"barrelDepthMm":7,"termination":"fork"}""")
        );
        Assert.Equal(
            (5, 7, RingShape.Fork),
            (stud.Diameter.Millimetres, stud.BarrelDepth!.Value.Millimetres, stud.Shape)
        );
        var crimped = Assert.IsType<CrimpedLug>(
            Read("""{"kind":"crimped-lug","boltDiameterIn":0.375,"barrelDepthMm":20}""")
        );
        Assert.Equal((0.375, 20), (crimped.BoltDiameterIn, crimped.BarrelDepth!.Value.Millimetres));
        var plug = Assert.IsType<PlugScrew>(Read("""{"kind":"plug-screw","screw":"#8","grip":"clamp"}"""));
        Assert.Equal(("#8", PlugGrip.Clamp), (plug.Screw.Name, plug.Grip));
        var uncut = Assert.IsType<InsulationDisplacement>(
            Read(
                """{"kind":"insulation-displacement","leastMm2":0.5,"mostMm2":1,"insulationLeastMm":2,"insulationMostMm":3}"""
            )
        );
        Assert.Equal(
            (0.5, 1, 2, 3, true),
            (
                uncut.LeastMm2,
                uncut.MostMm2,
                uncut.InsulationLeast.Millimetres,
                uncut.InsulationMost.Millimetres,
                uncut.DataIsGiven
            )
        );
        Assert.Equal(3.5, Assert.IsType<SolderLug>(Read("""{"kind":"solder-lug","holeMm":3.5}""")).Hole.Millimetres);
        Assert.Equal("#10", Assert.IsType<BindingScrew>(Read("""{"kind":"binding-screw","screw":"10"}""")).Screw.Name);
    }

    [Theory]
    [InlineData("marking", Trust.Marking)]
    [InlineData("maker", Trust.Maker)]
    [InlineData("generic", Trust.Generic)]
    public void Trust_reaches_the_core(string word, Trust trust) =>
        Assert.Equal(trust, Read($$"""{"kind":"lever","trust":"{{word}}"}""").DataTrust);

    [Fact]
    public void Every_kind_can_be_read_with_nothing_but_its_name() =>
        Assert.All(LandingDocument.Kinds, kind => Assert.Equal(kind, Read($$"""{"kind":"{{kind}}"}""").Kind));

    /// <summary>What is usual for one stud is not for another: what was said is kept, whichever it was.</summary>
    [Fact]
    public void What_holds_a_ring_is_kept_whatever_it_sits_on()
    {
        foreach (var hold in Enum.GetValues<StudHold>())
        {
            foreach (var screw in new[] { null, ScrewSize.Parse("#8") })
            {
                var stud = new Stud(screw is null ? 5 : null, null, null, null, screw, hold);
                Assert.Equal(hold, Assert.IsType<Stud>(LandingDocument.Of(stud).Read()).Hold);
            }
        }
    }

    [Fact]
    public void House_rules_that_are_written_read_back_the_same()
    {
        var rules = HouseRules.Default with
        {
            BackStabHoles = BackStabHoles.FourteenSolidTo15A,
            HookClosing = HookClosing.Open,
            RecheckAfterDays = 30,
            Region = Region.Iec,
            SingleValueTolerance = 0.08,
        };
        var json = JsonSerializer.Serialize(rules, Json.Options);
        Assert.Equal(rules, JsonSerializer.Deserialize<HouseRules>(json, Json.Options));
        Assert.Equal(
            HouseRules.Default,
            JsonSerializer.Deserialize<HouseRules>("""{ "region": null }""", Json.Options)
        );
    }

    [Fact]
    public void Every_member_of_a_landing_has_a_column()
    {
        var columns = ShelfColumns
            .Of("landing")!
            .Select(c => c.Path.Split('.')[1..])
            .Where(p => p.Length > 0)
            .Select(p => p[0])
            .ToHashSet(StringComparer.Ordinal);
        // Members of the file’s own: what an item is called on the Shelf, and how far it is trusted, stand beside its
        // landing.
        string[] beside = ["id", "trust", "kind"];
        foreach (var kind in LandingDocument.Kinds)
        {
            var type = JsonSerializer
                .Deserialize<LandingDocument>($$"""{"kind":"{{kind}}"}""", Json.Options)!
                .GetType();
            Assert.All(Json.Options.GetTypeInfo(type).Properties.Select(p => p.Name).Except(beside), name =>
                Assert.Contains(name, columns)
            );
        }
    }

    [Fact]
    public void Every_column_and_every_word_of_it_is_documented()
    {
        var text = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "shelf.md"));
        foreach (var column in ShelfColumns.Kinds.SelectMany(kind => ShelfColumns.Of(kind)!))
        {
            Assert.Contains($"`{column.Name}`", text, StringComparison.Ordinal);
            Assert.All(column.Words ?? [], word =>
                Assert.Matches($@"[`\s]{System.Text.RegularExpressions.Regex.Escape(word)}[`\s]", text)
            );
        }
    }
}
