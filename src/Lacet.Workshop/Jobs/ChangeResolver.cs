using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Workshop.Shelf;

namespace Lacet.Workshop.Jobs;

/// <summary>
/// Turns what is asked for into what is stored: landings of the Shelf get their data, new parts their place; a wire
/// that something is recorded at is retired and not taken out.
/// </summary>
public sealed class ChangeResolver(ShelfLandings shelf)
{
    internal async Task<List<ResolvedChange>> ResolveAsync(JobSession job, IReadOnlyList<PartChange> changes)
    {
        var resolved = new List<ResolvedChange>(changes.Count);
        var orders = new Dictionary<EntityKind, int>();
        foreach (var change in changes)
        {
            resolved.Add(
                change switch
                {
                    { Put: { } put, Remove: null } => Put(
                        await WithLandingAsync(InPlace(job, Checked(job, put), orders)),
                        change.Version
                    ),
                    { Put: null, Remove: { } id } => Removal(job, id, change.Version),
                    _ => throw new ImpossibleInputException(
                        "changes",
                        "A change puts a part in or takes one out: give put or remove."
                    ),
                }
            );
        }

        return resolved;
    }

    internal static string Word(EntityKind kind) => kind.ToString().ToLowerInvariant();

    /// <summary>A part with its landing’s data, where it names one of the Shelf.</summary>
    internal async Task<JobPart> WithLandingAsync(JobPart part) =>
        part is JobLanding { Landing: null, ShelfId: { } named } landing
            ? landing with
            {
                Landing = await shelf.FindAsync(named),
            }
            : part;

    private static ResolvedChange Put(JobPart part, long? version) =>
        new(EntityChange.Put(part), new JobEdit(part.Id, Word(part.Kind), PartJson.Write(part), version ?? 0));

    private static ResolvedChange Removal(JobSession job, Guid id, long? version)
    {
        var part = job.Job.Find(id) ?? throw new JobConflictException(id, null);
        var retired =
            part is JobWire wire && (job.Ends.HasEvents(wire.A.Id) || job.Ends.HasEvents(wire.B.Id))
                ? wire with
                {
                    Retired = true,
                }
                : null;
        return new(
            new(part.Kind, id, retired),
            new JobEdit(id, Word(part.Kind), retired is null ? null : PartJson.Write(retired), version ?? 0)
        );
    }

    private static JobPart Checked(JobSession job, JobPart put)
    {
        if (put is JobTitle title && title.Id != job.Id)
        {
            throw new ImpossibleInputException("changes", "A job keeps its id.");
        }

        if (put.Id == Guid.Empty)
        {
            throw new ImpossibleInputException("changes", "Every part needs an id.");
        }

        return job.Job.Find(put.Id) is { } there && there.Kind != put.Kind
            ? throw new ImpossibleInputException(
                "changes",
                "A part keeps its kind: put the other in with an id of its own."
            )
            : put;
    }

    private static JobPart InPlace(JobSession job, JobPart part, Dictionary<EntityKind, int> orders)
    {
        if (part.Order > 0 || part.Kind == EntityKind.Title)
        {
            return part;
        }

        if (!orders.TryGetValue(part.Kind, out var last))
        {
            last = job.Parts.Where(p => p.Kind == part.Kind).Select(p => p.Order).DefaultIfEmpty(0).Max();
        }

        return part with
        {
            Order = orders[part.Kind] = last + 1,
        };
    }
}

/// <summary>A change as the rules read it, and as it is stored.</summary>
internal sealed record ResolvedChange(EntityChange Change, JobEdit Edit);
