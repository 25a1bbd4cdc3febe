using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Planning;

/// <summary>What puts a survey's devices right: which work at which device, parts, time, and the job for it.</summary>
/// <param name="Devices">Devices that need anything, in order.</param>
/// <param name="Parts">What to bring.</param>
/// <param name="Minutes">How long it takes.</param>
public sealed record SurveyRemedy(IReadOnlyList<DeviceRemedy> Devices, IReadOnlyList<RemedyPart> Parts, double Minutes)
{
    /// <summary>What only a new device puts right.</summary>
    private static readonly string[] Wrong = ["receptacle-rating", "single-receptacle-rating"];

    /// <summary>What a survey asks for. Notes ask for nothing.</summary>
    public static SurveyRemedy For(JudgedJob survey)
    {
        var devices = survey
            .Job.Devices.Values.OrderBy(d => d.Order)
            .ThenBy(d => d.Id)
            .Select(d => For(survey, d))
            .OfType<DeviceRemedy>()
            .ToList();
        var parts = new List<RemedyPart>();
        foreach (
            var replaced in devices
                .Where(d => d.Replace || d.NeedsEarth)
                .GroupBy(d => NewDevice(survey.Job, d), StringComparer.Ordinal)
                .OrderBy(g => g.Key, StringComparer.Ordinal)
        )
        {
            parts.Add(new(replaced.Key, replaced.Count(), "pieces"));
        }

        var joints = devices.Where(d => d.Pigtail).Sum(d => Joints(survey.Job, d.DeviceId));
        if (joints > 0)
        {
            parts.Add(new("Splice connectors for the conductors in the wall and a pigtail", joints, "pieces"));
            // Its other end is stripped for a hook or a clamp of the device; the longest of both is reckoned.
            var pigtail = SplicePigtail.For(survey.Job.Title.Rules.PigtailStrip, Length.FromInches(0.75)).Length;
            parts.Add(
                new("Pigtail wire, of each circuit’s size", Math.Ceiling(joints * pigtail.Millimetres / 100) / 10, "m")
            );
        }

        return new(devices, parts, devices.Sum(d => d.Minutes));
    }

    /// <summary>
    /// The job that does it: each device with its wires where they belong, by the house rule. <paramref name="newId"/>
    /// makes ids.
    /// </summary>
    public Job Job(JudgedJob survey, JobTitle title, Func<Guid> newId)
    {
        var job = new Job(title, []);
        foreach (var remedy in Devices)
        {
            var device = survey.Job.Devices[remedy.DeviceId];
            job.Apply([.. DeviceParts(survey.Job, job, device, remedy, newId).Select(EntityChange.Put)]);
        }

        return job;
    }

    private static DeviceRemedy? For(JudgedJob survey, Device device)
    {
        var job = survey.Job;
        var landings = job.LandingsOf(device.Id).ToList();
        var found = landings
            .SelectMany(l => job.EndsAt(l.Id))
            .SelectMany(e => survey.About(new Subject(CheckScope.End, e.Wire.Id, e.Side)))
            .Concat(landings.SelectMany(l => survey.About(new Subject(CheckScope.Landing, l.Id))))
            .Concat(survey.About(new Subject(CheckScope.Device, device.Id)))
            .Where(f => f.Finding.Severity != Severity.Note)
            .Select(f => f.Finding.Check)
            .ToHashSet(StringComparer.Ordinal);
        if (found.Count == 0)
        {
            return null;
        }

        var replace = found.Overlaps(Wrong) || landings.Exists(l => job.EndsAt(l.Id).Any(e => WornOut(l, e.End.Found)));
        var earth = found.Contains("earth-missing") || found.Contains("bootleg-earth");
        var pigtail =
            landings.Exists(l => job.EndsAt(l.Id).Count > 1)
            && job.Title.Rules.ReceptacleWiring == ReceptacleWiring.BackWireClamp;
        var minutes =
            SurveyTime.Of("dead")
            + SurveyTime.Of("re-terminate")
            + (replace ? SurveyTime.Of("replace") : 0)
            + (pigtail ? SurveyTime.Of("pigtail") : 0)
            + (earth ? SurveyTime.Of("earth") : 0);
        return new(device.Id, device.Name, replace, pigtail, earth, minutes);
    }

    /// <summary>
    /// Heat spoils a device for good; a spring that let a wire go has lost its force. A screw is tightened again.
    /// </summary>
    private static bool WornOut(JobLanding landing, AsMade? found) =>
        found is { Scorched: true } || (found is { Loose: true } && landing.Landing is BackStab or LeverClamp);

    private static string NewDevice(Job job, DeviceRemedy remedy)
    {
        var device = job.Devices[remedy.DeviceId];
        return device.Type switch
        {
            DeviceType.Switch => "Switch",
            // Without an earth in the wall, ground-fault protection with its label is one of the code's ways (NEC
            // 406.4(D), from memory).
            DeviceType.GroundFaultReceptacle => FormattableString.Invariant(
                $"Ground-fault receptacle, {Rating(job, device):0.#} A"
            ),
            _ when remedy.NeedsEarth => FormattableString.Invariant(
                $"Ground-fault receptacle, {Rating(job, device):0.#} A, with the label “No equipment ground”, where no earth can be brought"
            ),
            _ => FormattableString.Invariant($"Receptacle, {Rating(job, device):0.#} A"),
        };
    }

    /// <summary>The rating that the circuit asks for: 15 A goes on a 20 A circuit of several receptacles too.</summary>
    private static double Rating(Job job, Device device)
    {
        var breaker = job.LandingsOf(device.Id)
            .SelectMany(l => job.EndsAt(l.Id))
            .Select(e => e.Wire.CircuitId)
            .OfType<Guid>()
            .Select(c => job.Circuits[c].OcpdAmps)
            .FirstOrDefault();
        return breaker is { } amps && Circuits.ReceptacleRatings.For(amps) is { } table
            ? table.Allowed.Contains(device.RatingAmps ?? 0)
                ? device.RatingAmps!.Value
                : table.Allowed[0]
            : device.RatingAmps ?? 15;
    }

    private static int Joints(Job job, Guid device) => job.LandingsOf(device).Count(l => job.EndsAt(l.Id).Count > 1);

    /// <summary>
    /// Which circuit of the job each of the survey is: the one of that name, or a new one, which is added to
    /// <paramref name="parts"/>.
    /// </summary>
    private static Dictionary<Guid, Guid> CircuitsIn(
        Job job,
        IEnumerable<Guid> found,
        Job survey,
        List<JobPart> parts,
        Func<Guid> newId
    )
    {
        var circuits = new Dictionary<Guid, Guid>();
        foreach (var of in found.Select(c => survey.Circuits[c]))
        {
            var there = job.Circuits.Values.FirstOrDefault(c =>
                string.Equals(c.Name, of.Name, StringComparison.OrdinalIgnoreCase)
            );
            circuits[of.Id] = there?.Id ?? newId();
            if (there is null)
            {
                parts.Add(of with { Id = circuits[of.Id], Order = job.Circuits.Count + circuits.Count });
            }
        }

        return circuits;
    }

    private static JobWire Like(
        JobWire of,
        string name,
        Guid at,
        Guid? to,
        int order,
        Dictionary<Guid, Guid> circuits,
        Func<Guid> newId
    ) =>
        new(
            newId(),
            name,
            new JobEnd(newId()) { LandingId = at },
            new JobEnd(newId()) { LandingId = to, Elsewhere = to is null }
        )
        {
            Order = order,
            Function = of.Function,
            Conductor = of.Conductor,
            Colour = of.Colour,
            CircuitId = of.CircuitId is { } circuit ? circuits[circuit] : null,
        };

    /// <summary>The wires of a device as found, each under the screw that its function asks for.</summary>
    private static (string Word, TerminalIdentity Identity, List<JobWire> Wires)[] ByScrew(
        Job survey,
        List<JobWire> wires
    ) =>
        [
            ("brass", TerminalIdentity.Brass, wires.FindAll(w => w.Function.IsHot())),
            (
                "silver",
                TerminalIdentity.Silver,
                wires.FindAll(w => w.Function == WireFunction.Neutral && !Tie(survey, w))
            ),
            ("green", TerminalIdentity.Green, wires.FindAll(w => w.Function == WireFunction.Earth)),
        ];

    private static List<JobWire> WiresAt(Job survey, Guid device) =>
        [.. survey.LandingsOf(device).SelectMany(l => survey.EndsAt(l.Id)).Select(e => e.Wire).DistinctBy(w => w.Id)];

    private static IReadOnlyList<JobPart> DeviceParts(
        Job survey,
        Job job,
        Device old,
        DeviceRemedy remedy,
        Func<Guid> newId
    )
    {
        var parts = new List<JobPart>();
        var box = survey.Enclosures[old.EnclosureId] with { Id = newId(), Order = job.Enclosures.Count + 1 };
        var device = old with
        {
            Id = newId(),
            EnclosureId = box.Id,
            Order = job.Devices.Count + 1,
            RatingAmps = old.RatingAmps is null ? null : Rating(survey, old),
        };
        parts.AddRange([box, device]);
        var wires = WiresAt(survey, old.Id);
        var circuits = CircuitsIn(job, wires.Select(w => w.CircuitId).OfType<Guid>().Distinct(), survey, parts, newId);
        var orders = (Landing: job.Landings.Count, Wire: job.Wires.Count);
        JobLanding Landing(string name, TerminalIdentity identity, Landing? landing, SpliceConnector? splice = null)
        {
            var made = new JobLanding(newId(), box.Id, $"{old.Name} {name}")
            {
                Order = ++orders.Landing,
                DeviceId = splice is null ? device.Id : null,
                Identity = identity,
                Landing = landing,
                Splice = splice,
                Side =
                    splice is null && device.Type == DeviceType.GroundFaultReceptacle
                        ? DeviceSide.Line
                        : DeviceSide.None,
            };
            parts.Add(made);
            return made;
        }

        void Wire(string name, JobWire of, Guid at, Guid? to) =>
            parts.Add(Like(of, name, at, to, ++orders.Wire, circuits, newId));

        foreach (var (word, identity, of) in ByScrew(survey, wires))
        {
            var screw = Landing(word, identity, WantedAt(identity, survey.Title.Rules));
            if (of.Count > 1 && remedy.Pigtail)
            {
                var joint = Landing(
                    $"{word} joint",
                    TerminalIdentity.None,
                    null,
                    new SpliceConnector("splice connector", 2, of.Count + 1, 0.75, 6)
                );
                of.ForEach(w => Wire(w.Name, w, joint.Id, null));
                Wire($"{old.Name} {word} pigtail", of[0], joint.Id, screw.Id);
            }
            else
            {
                of.ForEach(w => Wire(w.Name, w, screw.Id, null));
            }
        }

        return parts;
    }

    private static Landing WantedAt(TerminalIdentity identity, HouseRules rules) =>
        identity == TerminalIdentity.Green ? new BindingScrew(null, null) { DataTrust = Trust.Generic } : Wanted(rules);

    private static bool Tie(Job survey, JobWire wire) =>
        wire.A.LandingId is { } id && survey.Landings[id].Identity == TerminalIdentity.Green;

    private static Landing Wanted(HouseRules rules) =>
        SurveyedDevice.LandingOf(
            rules.ReceptacleWiring switch
            {
                ReceptacleWiring.HookOnScrew => SurveyWiring.SideScrew,
                ReceptacleWiring.LeverDevice => SurveyWiring.Lever,
                _ => SurveyWiring.Clamp,
            }
        );
}
