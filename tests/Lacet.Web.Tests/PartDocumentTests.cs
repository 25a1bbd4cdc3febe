using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Jobs;

namespace Lacet.Web.Tests;

/// <summary>Parts of a job that Lacet makes itself are written and read as they were.</summary>
public sealed class PartDocumentTests
{
    private static readonly Gen<double?> Amps = Gen.Int[0, 200].Select(a => a == 0 ? (double?)null : a);

    private static readonly Gen<Length?> Lengths = Gen.Int[0, 5000].Select(mm => mm == 0 ? (Length?)null : new Length(mm));

    private static readonly Gen<Guid?> Ids = Gen.Bool.SelectMany(b => b ? Gen.Guid.Select(g => (Guid?)g) : Gen.Const((Guid?)null));

    private static readonly Gen<AsMade?> Made =
        from given in Gen.Bool
        from bare in Lengths
        from hook in Gen.Enum<HookWay>()
        from flags in Gen.Int[0, 7]
        select given ? new AsMade(null, null) { BareShowing = bare, Hook = hook, InsulationCaught = (flags & 1) > 0, Loose = (flags & 2) > 0, Scorched = (flags & 4) > 0 } : null;

    private static readonly Gen<GivenFerrule?> Ferrules =
        from given in Gen.Bool
        from size in Picks.Pick(0.5, 2.5, 16.0)
        from pin in Lengths
        from collar in Gen.Enum<Collar>()
        select given ? new GivenFerrule(size, pin, collar) : null;

    private static readonly Gen<JobEnd> Ends =
        from id in Gen.Guid
        from landing in Ids
        from elsewhere in Gen.Bool
        from free in Lengths
        from past in Lengths
        from condition in Gen.Enum<EndCondition>()
        from ferrule in Ferrules
        from crimp in Gen.Enum<CrimpShape>()
        from bare in Gen.Bool
        from found in Made
        select new JobEnd(id)
        {
            LandingId = landing,
            Elsewhere = elsewhere,
            FreeLength = free,
            PastOpening = past,
            Condition = condition,
            Ferrule = ferrule,
            CrimpShape = bare ? null : crimp,
            SaidBare = bare,
            Found = found,
        };

    private static readonly Gen<IJobEntity> Wires =
        from id in Gen.Guid
        from a in Ends
        from b in Ends
        from size in Picks.Pick("14", "2.5 mm²", "1/0", "250 kcmil")
        from build in Gen.Enum<Build>()
        from function in Gen.Enum<WireFunction>()
        from colour in Picks.Pick("black", "green, yellow stripe", "white, blue stripe")
        from circuit in Ids
        from length in Lengths
        from run in Picks.Pick<string?>(null, "W4")
        from flags in Gen.Int[0, 3]
        select (IJobEntity)new JobWire(id, "7", a, b)
        {
            Order = 3,
            Conductor = ConductorSize.TryParse(size, out var read, out _) ? Conductor.Of(read, build, Material.Copper) : null,
            Colour = InsulationColour.TryParse(colour, out var hue) ? hue : null,
            Function = function,
            CircuitId = circuit,
            Length = length,
            Run = run,
            InCord = (flags & 1) > 0,
            Retired = (flags & 2) > 0,
        };

    private static readonly Gen<IJobEntity> Others =
        from kind in Gen.Int[0, 3]
        from id in Gen.Guid
        from other in Gen.Guid
        from amps in Amps
        from more in Amps
        from length in Lengths
        from device in Gen.Enum<DeviceType>()
        from form in Gen.Enum<EnclosureForm>()
        from tab in Gen.Enum<BreakOffTab>()
        from half in Gen.Enum<DeviceHalf>()
        from side in Gen.Enum<DeviceSide>()
        from identity in Gen.Enum<TerminalIdentity>()
        from method in Gen.Enum<WiringMethod>()
        from flag in Gen.Bool
        select kind switch
        {
            0 => (IJobEntity)new Enclosure(id, "E", form) { Order = 1, Drawing = flag ? "DR-1" : null, Revision = flag ? "C" : null, Opening = length, Place = flag ? SplicePlace.Wet : SplicePlace.Dry, VolumeIn3 = amps },
            1 => new Device(id, other, "D", device) { Order = 2, RatingAmps = amps, PluggedAmps = more, Outlets = flag ? 1 : 2, HotTab = tab },
            2 => new JobLanding(id, other, "L") { Order = 4, Identity = identity, Side = side, Half = half, Spare = flag, Splice = flag ? new("s", 2, 3, 0.5, 4) { Kind = (ConnectorKind)(int)side, Strip = length, IsListedWet = !flag, Combinations = [[new(2, ConductorSize.Parse("14"))]] } : null },
            _ => new Circuit(id, "C") { Order = 5, OcpdAmps = amps, LoadAmps = more, Volts = 230, Phases = flag ? 3 : 1, Continuous = flag, Method = method, SharesNeutralWith = flag ? other : null },
        };

    [Fact]
    public void A_part_is_written_and_read_as_it_was() =>
        Gen.OneOf(Wires, Others).Sample(part => Assert.Equal(part, JobPartDocument.Parse(PartDocuments.Of(part).Write()).Read()));

    [Fact]
    public void A_landing_keeps_its_kind_and_is_read_off_by_nobody()
    {
        foreach (var landing in new Landing[] { new BindingScrew(null, null), new LeverClamp(new PrintedData()), new BackStab(new PrintedData()) })
        {
            var again = (JobLanding)PartDocuments.Of(new JobLanding(Guid.NewGuid(), Guid.NewGuid(), "L") { Landing = landing }).Read();
            Assert.Equal((landing.Kind, Trust.Generic), (again.Landing!.Kind, again.Landing.DataTrust));
        }
    }

    [Fact]
    public void What_people_alone_make_is_not_made_by_lacet() =>
        Assert.Throws<ArgumentException>(() => PartDocuments.Of(new Acceptance(Guid.NewGuid(), "c", "a", "r", "why", "who")));
}
