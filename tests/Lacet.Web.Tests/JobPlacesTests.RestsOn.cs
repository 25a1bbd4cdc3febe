using System.Text.Json.Nodes;
using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Exchange.Jobs;

namespace Lacet.Web.Tests;

public sealed partial class JobPlacesTests
{
    /// <summary>
    /// Changing a value that a finding names changes its digest; changing what it does not name leaves it. Every
    /// finding of the demo, so every check.
    /// </summary>
    [Fact]
    public void Whatever_a_finding_rests_on_is_found_in_the_job()
    {
        var document = JobDocument.Read(File.ReadAllBytes(Repository.Of("demo", "gallery.job.json")));
        var judged = new JudgedJob(new Job(document.Job, document.Parts()));
        var parts = document.Parts().ToDictionary(p => p.Id);
        foreach (var finding in judged.Findings)
        {
            var digest = RestsOn.Of(finding, judged.Job, document.Job, id => parts[id]);
            Assert.Equal(digest, RestsOn.Of(finding, judged.Job, document.Job, id => parts[id]));
            // No finding rests on how a wire is numbered among its kind alone.
            var renamed = RestsOn.Of(finding, judged.Job, document.Job with { Name = "Another" }, id => parts[id]);
            Assert.Equal(digest, renamed);
            // All of its surroundings changed, something that it named has changed.
            var other = RestsOn.Of(
                finding,
                judged.Job,
                document.Job with
                {
                    Rules = new()
                    {
                        Region = Core.Quantities.Region.Iec,
                        BackStabHoles = Core.Landings.BackStabHoles.FourteenSolidTo15A,
                        ReceptacleWiring = Core.Landings.ReceptacleWiring.LeverDevice,
                        FerrulesOnFineStrands = Core.Landings.FerrulesOnFineStrands.WhereTheMakerAsks,
                    },
                },
                id => Changed(parts[id])
            );
            Assert.False(digest == other, $"What {finding.Finding.Check} rests on can change unseen.");
        }
    }

    [Fact]
    public void Every_check_names_what_it_rests_on_by_a_root_that_a_job_has()
    {
        string[] roots =
        [
            "conductor",
            "conductors",
            "landing",
            "wire",
            "end",
            "circuit",
            "circuitAmps",
            "device",
            "enclosure",
            "houseRules",
            "run",
            "cord",
            "cable",
            "pin-map",
            "asFound",
            "asMade",
            "tool",
            "recipe",
        ];
        var document = JobDocument.Read(File.ReadAllBytes(Repository.Of("demo", "gallery.job.json")));
        var judged = new JudgedJob(new Job(document.Job, document.Parts()));
        Assert.All(judged.Findings.SelectMany(f => f.Finding.RestsOn), name =>
            Assert.Contains(name.Split('.')[0], roots)
        );
        Assert.True(judged.Findings.Select(f => f.Finding.Check).Distinct().Count() > EndChecks.Planned.Count);
    }

    /// <summary>A part with every value in it another one.</summary>
    private static JobPart Changed(JobPart part)
    {
        var json = JsonNode.Parse(PartJson.Write(part))!;
        return part switch
        {
            JobWire wire => wire with
            {
                Name = wire.Name + "x",
                Conductor = Core.Conductors.Conductor.Of(
                    Core.Conductors.ConductorSize.Parse(wire.Conductor?.Size.Name == "8 AWG" ? "6 AWG" : "8 AWG"),
                    wire.Conductor?.Build == Core.Conductors.Build.Solid
                        ? Core.Conductors.Build.Stranded
                        : Core.Conductors.Build.Solid,
                    wire.Conductor?.Material == Core.Conductors.Material.Copper
                        ? Core.Conductors.Material.Aluminium
                        : Core.Conductors.Material.Copper,
                    new(9.5)
                ),
                Colour = new(Core.Conductors.Hue.Turquoise),
                Function = WireFunction.Shield,
                CircuitId = null,
                CableId = Guid.Empty,
                Length = new(1),
                A = Changed(wire.A),
                B = Changed(wire.B),
            },
            JobLanding landing => landing with
            {
                Landing = landing.Splice is not null
                    ? null
                    : new Exchange.Documents.ScrewClampBlockDocument
                    {
                        LeastMm2 = 9,
                        MostMm2 = 10,
                        StripDepthMm = 21,
                        TakesTwo = landing.Landing?.TakesTwo is not true,
                        TorqueMarking = new("N·m", Target: 3),
                        TemperatureC = 60,
                        Ferrule = Core.Landings.FerruleAcceptance.Unnecessary,
                        Metals = [Core.Conductors.Material.Aluminium],
                        Accepts = [Exchange.Documents.AcceptedBuild.Fine],
                    }.Read(),
                Splice = landing.Splice is null
                    ? null
                    : landing.Splice with
                    {
                        MostCount = 9,
                        TakesBothMetals = !landing.Splice.TakesBothMetals,
                    },
                Identity = landing.Identity == TerminalIdentity.Green ? TerminalIdentity.Brass : TerminalIdentity.Green,
                Side = DeviceSide.Load,
                Half = landing.Half == DeviceHalf.Lower ? DeviceHalf.Upper : DeviceHalf.Lower,
                Spare = !landing.Spare,
            },
            Device device => device with
            {
                RatingAmps = 99,
                PluggedAmps = 98,
                Type = DeviceType.Plug,
                Outlets = 3,
                HotTab = BreakOffTab.Removed,
                NeutralTab = BreakOffTab.Removed,
            },
            Circuit circuit => circuit with
            {
                OcpdAmps = 99,
                Volts = 999,
                LoadAmps = 98,
                Continuous = !circuit.Continuous,
                SharesNeutralWith = Guid.Empty,
            },
            Enclosure enclosure => enclosure with { Form = EnclosureForm.Machine, Opening = new(999) },
            JobCord cord => cord with { Name = cord.Name + "x" },
            JobCable cable => cable with
            {
                Conductor = Core.Conductors.WireText.ReadConductor("0.25 mm²", null),
                Count = 99,
                Earth = Core.Conductors.EarthInCable.None,
                Shielded = !cable.Shielded,
            },
            JobBridge bridge => bridge with { RatingAmps = 99, Form = BridgeForm.Screwed },
            JobPinMap map => map with { Map = map.Map with { KeySeen = !map.Map.KeySeen } },
            _ => throw new InvalidOperationException($"The demo holds no {json["part"]}."),
        };
    }

    private static JobEnd Changed(JobEnd end) =>
        end with
        {
            LandingId = Guid.Empty,
            Elsewhere = !end.Elsewhere,
            FreeLength = new(1),
            PastOpening = new(1),
            Condition = Core.Landings.EndCondition.Ringed,
            Ferrule = new(9, new(9)),
            SaidBare = !end.SaidBare,
            CrimpShape = Core.Ferrules.CrimpShape.Square,
            Found = new(new(9), null) { InsulationCaught = !(end.Found?.InsulationCaught ?? false) },
        };
}
