using System.Data.Common;
using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Workshop.Shelf;

namespace Lacet.Workshop.Jobs;

/// <summary>
/// What landings are is seldom in a list: it is asked once for all devices whose names begin alike, and remembered for
/// the next. Until somebody says, they are judged as not known.
/// </summary>
public sealed class LandingGroups(
    OpenJobs open,
    JobEditor editor,
    ShelfLandings shelf,
    LandingsOfPrefixesTable prefixes
)
{
    /// <summary>The groups of a job, the largest first; null where there is no such job.</summary>
    public async Task<IReadOnlyList<LandingGroup>?> OfAsync(Guid job, CancellationToken cancellation)
    {
        var before = await BeforeAsync();
        return await open.ReadAsync<IReadOnlyList<LandingGroup>>(
            job,
            session =>
                [
                    .. Unknown(session.Job)
                        .GroupBy(l => PrefixOf(session.Job, l), StringComparer.Ordinal)
                        .Select(g => Group(session.Job, g.Key, [.. g], before))
                        .OrderByDescending(g => g.Landings)
                        .ThenBy(g => g.Prefix, StringComparer.Ordinal),
                ],
            cancellation
        );
    }

    /// <summary>Says what the landings of a group are, as one command.</summary>
    public async Task<Outcome<CommandDone>> SayAsync(
        Guid job,
        Guid command,
        Guid person,
        string prefix,
        LandingDocument landing,
        CancellationToken cancellation
    )
    {
        var said = await shelf.ResolveAsync(landing);
        var what = said.Read();
        var done = await editor.ChangeAsync(
            job,
            command,
            person,
            session =>
            {
                var group = Unknown(session.Job)
                    .Where(l => string.Equals(PrefixOf(session.Job, l), prefix, StringComparison.Ordinal))
                    .ToList();
                return group.Count > 0
                    ? (
                        $"Said what {group.Count} {(group.Count == 1 ? "landing is" : "landings are")}: {what.SaidAs}.",
                        [
                            .. group.Select(l => new PartChange(
                                l with
                                {
                                    Landing = what,
                                    ShelfId = said.Id,
                                },
                                null,
                                session.Version(l.Id)
                            )),
                        ]
                    )
                    : throw new ImpossibleInputException(
                        "prefix",
                        "There are no such landings any more of which nobody said what they are."
                    );
            },
            cancellation
        );
        if (done is Outcome<CommandDone>.Done { IsNew: true } && prefix.Length > 0)
        {
            await RememberAsync(prefix, landing);
        }

        return done;
    }

    /// <summary>What was said is said, whether it can be offered the next time or not.</summary>
    private async Task RememberAsync(string prefix, LandingDocument landing)
    {
        try
        {
            await prefixes.KeepAsync(prefix, JsonSerializer.Serialize(landing, Json.Options), CancellationToken.None);
        }
        catch (DbException)
        {
            // The next such devices are asked about without an offer.
        }
    }

    /// <summary>A spare is no question, and what is a splice is known.</summary>
    private static IEnumerable<JobLanding> Unknown(Job job) =>
        job.Landings.Values.Where(l => l is { Landing: null, Splice: null, Spare: false });

    private static string PrefixOf(Job job, JobLanding landing) =>
        new string([
            .. Name(job, landing).SkipWhile(c => !char.IsLetterOrDigit(c)).TakeWhile(char.IsLetter),
        ]).ToUpperInvariant();

    private static string Name(Job job, JobLanding landing) =>
        landing.DeviceId is { } device ? job.Devices[device].Name : landing.Name;

    private static LandingGroup Group(
        Job job,
        string prefix,
        IReadOnlyList<JobLanding> landings,
        Dictionary<string, (LandingDocument Landing, string Says)> before
    )
    {
        var (last, says) = before.GetValueOrDefault(prefix);
        return new(
            prefix,
            [
                .. landings
                    .Select(l => Name(job, l))
                    .Distinct(StringComparer.OrdinalIgnoreCase)
                    .OrderBy(n => n.Length)
                    .ThenBy(n => n, StringComparer.OrdinalIgnoreCase),
            ],
            landings.Count,
            last,
            says
        );
    }

    /// <summary>What was said before, by prefix; one that is on the Shelf no more is not offered.</summary>
    private async Task<Dictionary<string, (LandingDocument Landing, string Says)>> BeforeAsync()
    {
        var before = new Dictionary<string, (LandingDocument, string)>(StringComparer.Ordinal);
        foreach (var (prefix, body) in await prefixes.AllAsync())
        {
            var landing = JsonSerializer.Deserialize<LandingDocument>(body, Json.Options)!;
            try
            {
                before[prefix] = (landing, (await shelf.ResolveAsync(landing)).Read().SaidAs);
            }
            catch (ImpossibleInputException)
            {
                // It is asked about without an offer.
            }
        }

        return before;
    }
}
