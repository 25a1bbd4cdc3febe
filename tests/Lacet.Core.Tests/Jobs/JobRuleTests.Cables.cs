using Lacet.Core.Jobs;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

/// <content>Bridges and cables.</content>
public sealed partial class JobRuleTests
{
    [Fact]
    public void A_bridge_stays_in_its_enclosure_off_splices_and_goes_before_its_terminals()
    {
        var job = Start();
        var other = new Enclosure(Guid.NewGuid(), "Other", EnclosureForm.Panel);
        var order = 0;
        JobLanding At(Guid enclosure, string name) => new(Guid.NewGuid(), enclosure, name) { Order = ++order };
        var (one, two, far) = (At(Box, "X:1"), At(Box, "X:2"), At(other.Id, "X:1"));
        var splice = At(Box, "S") with { Splice = new("s", 2, 3, 1, 4) };
        job.Apply([
            EntityChange.Put(other),
            EntityChange.Put(one),
            EntityChange.Put(two),
            EntityChange.Put(far),
            EntityChange.Put(splice),
        ]);
        var bridge = new JobBridge(Guid.NewGuid(), [one.Id, two.Id]) { RatingAmps = 24 };
        void Refused(string says, params EntityChange[] changes) =>
            Assert.Contains(
                says,
                Assert.Throws<ImpossibleInputException>(() => job.Apply(changes)).Message,
                StringComparison.Ordinal
            );
        Refused("each once", EntityChange.Put(bridge with { Landings = [one.Id, one.Id] }));
        Refused("one enclosure", EntityChange.Put(bridge with { Landings = [one.Id, far.Id] }));
        Refused("takes wires", EntityChange.Put(bridge with { Landings = [one.Id, splice.Id] }));
        Refused("rating", EntityChange.Put(bridge with { RatingAmps = 0 }));

        job.Apply([EntityChange.Put(bridge)]);
        Assert.Equal([two], job.BridgedTo(one));
        Assert.Equal("bridge X:1–X:2", job.NameOf(bridge));
        Refused("bridge still sits in X:2", EntityChange.Remove(two));
        Refused("takes wires", EntityChange.Put(two with { Splice = new("s", 2, 3, 1, 4) }));
        Refused("one enclosure", EntityChange.Put(two with { EnclosureId = other.Id, Name = "X:9" }));
        job.Apply([EntityChange.Remove(two), EntityChange.Remove(bridge)]);
        Assert.Empty(job.BridgedTo(one));
    }

    [Fact]
    public void A_cable_holds_its_wires_and_goes_with_them()
    {
        var job = Start();
        var cable = new JobCable(Guid.NewGuid(), "W1") { Count = 2, Reaches = [new(Box) { Reach = new(120) }] };
        var landing = new JobLanding(Guid.NewGuid(), Box, "L");
        var wire = new JobWire(Guid.NewGuid(), "1", new(Guid.NewGuid()) { LandingId = landing.Id }, new(Guid.NewGuid()))
        {
            CableId = cable.Id,
        };
        job.Apply([EntityChange.Put(wire), EntityChange.Put(landing), EntityChange.Put(cable)]);
        Assert.Equal([wire], job.WiresIn(cable.Id));
        Assert.Equal(cable, job.CableOf(wire));
        Assert.Equal([job.Enclosures[Box]], job.EnteredBy(cable.Id));
        Assert.Equal("W1", job.RunOf(wire));
        Assert.Contains(
            "Wires are still in W1",
            Assert.Throws<ImpossibleInputException>(() => job.Apply([EntityChange.Remove(cable)])).Message,
            StringComparison.Ordinal
        );
        Assert.Throws<ImpossibleInputException>(() =>
            job.Apply([EntityChange.Put(cable with { Id = Guid.NewGuid(), Name = "w1" })])
        );
        job.Apply([EntityChange.Put(wire with { CableId = null }), EntityChange.Remove(cable)]);
        Assert.Empty(job.WiresIn(cable.Id));
    }
}
