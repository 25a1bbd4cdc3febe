using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests;

public sealed partial class PartJsonTests
{
    private static Gen<double?> Amps => Gen.Int[0, 200].Select(a => a == 0 ? (double?)null : a);

    private static Gen<Length?> Lengths => Gen.Int[0, 5000].Select(mm => mm == 0 ? (Length?)null : new Length(mm));

    private static Gen<Guid?> Ids =>
        Gen.Bool.SelectMany(b => b ? Gen.Guid.Select(g => (Guid?)g) : Gen.Const((Guid?)null));

    private static Gen<Tightening?> Tightenings =>
        from form in Gen.Int[0, 4]
        from torque in Gen.Int[1, 5000]
        from simulated in Gen.Bool
        select form switch
        {
            0 => null,
            1 => (Tightening?)new Tightening.Reading(new(torque / 1000.0), "driver 4", simulated),
            2 => new Tightening.Preset("driver 5", new(torque / 1000.0)),
            3 => new Tightening.ByFeel(),
            _ => new Tightening.Seated(),
        };

    private static Gen<AsMade?> Made =>
        from given in Gen.Bool
        from bare in Lengths
        from strip in Lengths
        from tightening in Tightenings
        from hook in Gen.Enum<HookWay>()
        from looks in Gen.Enum<Judgement>()
        from flags in Gen.Int[0, 1023]
        from strands in Gen.Int[0, 19]
        from lost in Gen.Int[0, 5]
        select !given
            ? null
            : new AsMade(strip, tightening)
            {
                BareShowing = bare,
                Hook = hook,
                StripLooks = looks == Judgement.Pass ? null : looks,
                InsulationCaught = (flags & 1) > 0,
                Loose = (flags & 2) > 0,
                Scorched = (flags & 4) > 0,
                HookOpened = (flags & 8) > 0,
                Nicked = (flags & 16) > 0,
                Ringed = (flags & 32) > 0,
                OverTwisted = (flags & 64) > 0,
                StrandOut = (flags & 128) > 0,
                Doubled = (flags & 256) > 0,
                BadSolder = (flags & 512) > 0,
                Strands = strands == 0 ? null : strands,
                StrandsLost = lost,
            };

    private static Gen<GivenFerrule?> Ferrules =>
        from given in Gen.Bool
        from size in Picks.Pick(0.5, 2.5, 16.0)
        from pin in Lengths
        from collar in Gen.Enum<Collar>()
        select given ? new GivenFerrule(size, pin, collar) : null;

    private static Gen<JobEnd> Ends =>
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

    private static Gen<JobPart> Wires =>
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
        select (JobPart)
            new JobWire(id, "7", a, b)
            {
                Order = 3,
                Conductor = ConductorSize.TryParse(size, out var read, out _)
                    ? Conductor.Of(read, build, Material.Copper)
                    : null,
                Colour = InsulationColour.TryParse(colour, out var hue) ? hue : null,
                Function = function,
                CircuitId = circuit,
                Length = length,
                Run = run,
                CableId = (flags & 1) > 0 ? Guid.NewGuid() : null,
                TwinSide = (flags & 2) > 0 ? CableSide.Ribbed : CableSide.None,
                InCord = (flags & 1) > 0,
                Retired = (flags & 2) > 0,
            };
}
