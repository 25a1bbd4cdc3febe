using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>An existing device as somebody found it, in three taps and what stands beside them.</summary>
/// <param name="Name">Its name, such as "Kitchen 3".</param>
public sealed record SurveyedDevice(string Name)
{
    /// <summary>What it is.</summary>
    public DeviceType Type { get; init; } = DeviceType.Receptacle;

    /// <summary>How it is wired.</summary>
    public SurveyWiring Wiring { get; init; }

    /// <summary>Which way its hooks lie, at side screws.</summary>
    public HookWay Hook { get; init; }

    /// <summary>Whether two conductors share a screw or hole.</summary>
    public bool Doubled { get; init; }

    /// <summary>What a tester says.</summary>
    public SurveyPolarity Polarity { get; init; }

    /// <summary>How it looks.</summary>
    public SurveyCondition Condition { get; init; }

    /// <summary>Bare metal that shows; null where none is seen.</summary>
    public Length? BareShowing { get; init; }

    /// <summary>Whether plastic is under a screw, or in a clamp.</summary>
    public bool InsulationCaught { get; init; }

    /// <summary>What it is rated for, A.</summary>
    public double RatingAmps { get; init; } = 15;

    /// <summary>The circuit's breaker, A.</summary>
    public double BreakerAmps { get; init; } = 15;

    /// <summary>The circuit's name; null for one of its breaker's size that nobody named.</summary>
    public string? Circuit { get; init; }

    /// <summary>
    /// The conductors in the wall, as somebody looked; null where nobody could say. Never taken from the breaker.
    /// </summary>
    public Conductor? Conductor { get; init; }

    private JobLanding ScrewOf(Device device, Guid id, string screw, TerminalIdentity identity, int order) =>
        new(id, device.EnclosureId, $"{Name} {screw}")
        {
            Order = order,
            DeviceId = device.Id,
            Landing = LandingOf(Wiring),
            Identity = identity,
            Side = Type == DeviceType.GroundFaultReceptacle ? DeviceSide.Line : DeviceSide.None,
        };

    private string CircuitName => Circuit ?? FormattableString.Invariant($"{BreakerAmps:0.#} A, not named");

    private Circuit? CircuitIn(Job job) =>
        job.Circuits.Values.FirstOrDefault(c => string.Equals(c.Name, CircuitName, StringComparison.OrdinalIgnoreCase));

    private Circuit NewCircuit(Job job, Guid id) =>
        new(id, CircuitName)
        {
            Order = job.Circuits.Count + 1,
            OcpdAmps = BreakerAmps,
            Method = WiringMethod.NmCable,
        };

    /// <summary>
    /// The parts that a job has of it: a box, the device, its screws, and the wires that come to them out of the wall.
    /// Orders count from what the job has already; <paramref name="newId"/> makes ids.
    /// </summary>
    public IReadOnlyList<JobPart> Parts(Job job, Func<Guid> newId)
    {
        var parts = new List<JobPart>();
        var box = new Enclosure(newId(), Name, EnclosureForm.Box) { Order = job.Enclosures.Count + 1 };
        var device = new Device(newId(), box.Id, Name, Type)
        {
            Order = job.Devices.Count + 1,
            RatingAmps = Type == DeviceType.Switch ? null : RatingAmps,
        };
        var circuit = CircuitIn(job) ?? NewCircuit(job, newId());
        if (!job.Circuits.ContainsKey(circuit.Id))
        {
            parts.Add(circuit);
        }

        var (hot, neutral) = (Screw("brass", TerminalIdentity.Brass), Screw("silver", TerminalIdentity.Silver));
        // A green screw is a screw, however the rest is wired.
        var earth = Screw("green", TerminalIdentity.Green) with
        {
            Landing = new BindingScrew(null, null) { DataTrust = Trust.Generic },
        };
        parts.InsertRange(0, [box, device, hot, neutral, earth]);
        var orders = job.Wires.Count;
        var reversed = Polarity == SurveyPolarity.Reversed;
        Wire("hot", WireFunction.Line, reversed ? neutral : hot, found: true);
        Wire("neutral", WireFunction.Neutral, reversed ? hot : neutral);
        if (Doubled)
        {
            Wire("hot on", WireFunction.Line, reversed ? neutral : hot);
            Wire("neutral on", WireFunction.Neutral, reversed ? hot : neutral);
        }

        if (Polarity == SurveyPolarity.Bootleg)
        {
            Wire("tie", WireFunction.Neutral, earth);
        }
        else if (Polarity != SurveyPolarity.OpenEarth)
        {
            Wire("earth", WireFunction.Earth, earth);
        }

        return parts;

        JobLanding Screw(string screw, TerminalIdentity identity) =>
            ScrewOf(device, newId(), screw, identity, job.Landings.Count + 1 + (int)identity);

        void Wire(string what, WireFunction function, JobLanding at, bool found = false) =>
            parts.Add(
                new JobWire(
                    newId(),
                    $"{Name} {what}",
                    new JobEnd(newId()) { LandingId = at.Id, Found = found ? Found() : null },
                    new JobEnd(newId()) { Elsewhere = true }
                )
                {
                    Order = ++orders,
                    Function = function,
                    CircuitId = circuit.Id,
                    Conductor = Conductor,
                }
            );
    }

    /// <summary>What such wiring lands on; nobody has read its data off.</summary>
    public static Landing LandingOf(SurveyWiring wiring) =>
        wiring switch
        {
            SurveyWiring.Clamp => new BackWireClamp(new(), null) { DataTrust = Trust.Generic },
            SurveyWiring.BackStab => new BackStab(new()) { DataTrust = Trust.Generic },
            SurveyWiring.Lever => new LeverClamp(new()) { DataTrust = Trust.Generic },
            _ => new BindingScrew(null, null) { DataTrust = Trust.Generic },
        };

    private AsMade Found() =>
        new(null, null)
        {
            Hook = Wiring == SurveyWiring.SideScrew ? Hook : null,
            BareShowing = BareShowing,
            InsulationCaught = InsulationCaught,
            Loose = Condition == SurveyCondition.Loose,
            Scorched = Condition == SurveyCondition.Scorched,
        };
}
