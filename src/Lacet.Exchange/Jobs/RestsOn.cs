using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>
/// A digest of what a finding rests on: the values that its check named, as they are written in the job. While it stays
/// the same, an accepted finding stays accepted.
/// </summary>
public static class RestsOn
{
    /// <summary>The digest.</summary>
    public static string Of(JobFinding finding, Job job) => Of(finding, job, job.Title, id => job.Find(id)!);

    /// <summary>The digest where the parts around a finding had other values.</summary>
    public static string Of(JobFinding finding, Job job, JobTitle title, Func<Guid, JobPart> part)
    {
        var about = new Around(job, finding.About);
        var text = new StringBuilder(finding.Finding.Check).Append('\n').Append(finding.Finding.Severity);
        foreach (var name in finding.Finding.RestsOn)
        {
            // Where no bridge sits nothing is said of any: what was accepted before there were bridges stays accepted.
            var values = Values(name, finding, about, title, part).ToList();
            if (values.Count == 0 && name is "landing.bridges")
            {
                continue;
            }

            text.Append('\n').Append(name);
            foreach (var value in values)
            {
                text.Append('|').Append(value?.ToJsonString(Json.Options));
            }
        }

        return Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text.ToString())))[..24];
    }

    /// <summary>
    /// The root of a name is a kind of part, and the rest the way to a value in it; where there is no such value, all
    /// of it counts.
    /// </summary>
    private static IEnumerable<JsonNode?> Values(
        string name,
        JobFinding finding,
        Around about,
        JobTitle title,
        Func<Guid, JobPart> part
    )
    {
        var dot = name.IndexOf('.', StringComparison.Ordinal);
        var (root, path) = dot < 0 ? (name, "") : (name[..dot], name[(dot + 1)..]);
        JsonNode? Json(Guid id) => JsonSerializer.SerializeToNode(part(id), Exchange.Json.Options);
        return root switch
        {
            "houseRules" => [At(JsonSerializer.SerializeToNode(title.Rules, Exchange.Json.Options), path)],
            "conductor" => about.Wires.Select(w => At(Json(w)?["conductor"], path)),
            "conductors" => about.Wires.Select(w => Json(w)?["conductor"]),
            "circuitAmps" => about.Circuits.Select(c => Json(c)?["ocpdAmps"]),
            "circuit" when path is not "wires" => about.Circuits.Select(c => At(Json(c), path)),
            "circuit" or "run" => about.Wires.Select(Json),
            "device" => about.Devices.Select(d => At(Json(d), path)),
            "enclosure" => about.Enclosures.Select(e => At(Json(e), path)),
            "landing" when path is "bridges" => about.Bridges.Select(Json),
            "landing" when path is "ends" => about.Ends.Select(e => (JsonNode?)JsonValue.Create(e.ToString())),
            "landing" when path is "name" or "identity" or "side" or "half" or "spare" or "splice" =>
                about.Landings.Select(l => At(Json(l), path)),
            "landing" => about.Landings.Select(l => At(Json(l)?["landing"], path is "landing" ? "" : path)),
            "cord" or "pin-map" => [Json(finding.About.Id)],
            "cable" => [At(Json(finding.About.Id), path)],
            "wire" => about.Wires.Select(w => At(Json(w), path)),
            // The rest is told of an end: its ferrule, its crimp, how it was found.
            _ => about
                .Wires.SelectMany(w => new[] { Json(w)?["a"], Json(w)?["b"] })
                .Where(e => e is not null && about.Ends.Contains(e["id"]!.GetValue<Guid>())),
        };
    }

    private static JsonNode? At(JsonNode? node, string path)
    {
        foreach (var step in path.Split('.', StringSplitOptions.RemoveEmptyEntries))
        {
            if (node is not JsonObject json || !json.ContainsKey(step))
            {
                return node;
            }

            node = json[step];
        }

        return node;
    }

    /// <summary>The parts that a subject stands among.</summary>
    private sealed class Around
    {
        internal Around(Job job, Subject subject)
        {
            var wires = subject.Scope switch
            {
                CheckScope.End or CheckScope.Wire => [job.Wires[subject.Id]],
                CheckScope.Landing => job.EndsAt(subject.Id).Select(e => e.Wire),
                CheckScope.Device => job.LandingsOf(subject.Id).SelectMany(l => job.EndsAt(l.Id)).Select(e => e.Wire),
                CheckScope.Circuit => job.WiresOf(subject.Id),
                CheckScope.Enclosure => job.LandingsIn(subject.Id)
                    .SelectMany(l => job.EndsAt(l.Id))
                    .Select(e => e.Wire),
                CheckScope.PinMap => OfMap(job, subject.Id).SelectMany(l => job.EndsAt(l.Id)).Select(e => e.Wire),
                CheckScope.Cord => [],
                CheckScope.Cable => job.WiresIn(subject.Id),
                _ => job.WiresRunning(subject.Run!),
            };
            var all = wires.DistinctBy(w => w.Id).OrderBy(w => w.Id).ToList();
            Wires = [.. all.Select(w => w.Id)];
            var ends = all.SelectMany(w => new[] { w.A, w.B }).ToList();
            Landings = subject.Scope switch
            {
                CheckScope.Landing => [subject.Id],
                CheckScope.Device => [.. job.LandingsOf(subject.Id).Select(l => l.Id)],
                CheckScope.Enclosure => [.. job.LandingsIn(subject.Id).Select(l => l.Id)],
                CheckScope.PinMap => [.. OfMap(job, subject.Id).Select(l => l.Id)],
                CheckScope.End => [.. new[] { job.Wires[subject.Id][subject.Side].LandingId }.OfType<Guid>()],
                _ => [.. ends.Select(e => e.LandingId).OfType<Guid>().Distinct().Order()],
            };
            Bridges = [.. Landings.SelectMany(l => job.BridgesAt(l)).Select(b => b.Id).Distinct().Order()];
            Ends =
                subject.Scope == CheckScope.End
                    ? [job.Wires[subject.Id][subject.Side].Id]
                    :
                    [
                        .. ends.Where(e =>
                                subject.Scope
                                    is CheckScope.Wire
                                        or CheckScope.Circuit
                                        or CheckScope.Run
                                        or CheckScope.Cable
                                || (e.LandingId is { } l && Landings.Contains(l))
                            )
                            .Select(e => e.Id),
                    ];
            Devices =
                subject.Scope == CheckScope.Device
                    ? [subject.Id]
                    : [.. Landings.Select(l => job.Landings[l].DeviceId).OfType<Guid>().Distinct().Order()];
            Enclosures =
                subject.Scope == CheckScope.Enclosure
                    ? [subject.Id]
                    : [.. Landings.Select(l => job.Landings[l].EnclosureId).Distinct().Order()];
            Circuits =
                subject.Scope == CheckScope.Circuit
                    ? [subject.Id]
                    : [.. all.Select(w => w.CircuitId).OfType<Guid>().Distinct().Order()];
        }

        internal IReadOnlyList<Guid> Bridges { get; }

        internal IReadOnlyList<Guid> Wires { get; }

        internal IReadOnlyList<Guid> Ends { get; }

        internal IReadOnlyList<Guid> Landings { get; }

        internal IReadOnlyList<Guid> Devices { get; }

        internal IReadOnlyList<Guid> Enclosures { get; }

        internal IReadOnlyList<Guid> Circuits { get; }

        /// <summary>What a pin map is of, and where it leads.</summary>
        private static IEnumerable<JobLanding> OfMap(Job job, Guid map) =>
            new[] { job.PinMaps[map].PlugId, job.PinMaps[map].MachineId }.OfType<Guid>().SelectMany(job.LandingsOf);
    }
}
