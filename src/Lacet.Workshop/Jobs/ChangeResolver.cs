using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
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
    internal async Task<JobPartDocument> WithLandingAsync(JobPartDocument part) =>
        part is JobLandingDocument { Landing: { Id: not null } named } landing
        && named.GetType() == typeof(LandingDocument)
            ? landing with
            {
                Landing = await shelf.ResolveAsync(named),
            }
            : part;

    private static ResolvedChange Put(JobPartDocument document, long? version) =>
        new(
            EntityChange.Put(document.Read()),
            new JobEdit(document.Id, Word(document.Kind), document.Write(), version ?? 0),
            document
        );

    private static ResolvedChange Removal(JobSession job, Guid id, long? version)
    {
        var part = job.FindPart(id) ?? throw new JobConflictException(id, null);
        var retired =
            part is WireDocument wire && (job.Ends.HasEvents(wire.A.Id) || job.Ends.HasEvents(wire.B.Id))
                ? wire with
                {
                    Retired = true,
                }
                : null;
        return new(
            new(part.Kind, id, retired?.Read()),
            new JobEdit(id, Word(part.Kind), retired?.Write(), version ?? 0),
            retired
        );
    }

    private static JobPartDocument Checked(JobSession job, JobPartDocument put)
    {
        if (put is TitleDocument title && title.Id != job.Id)
        {
            throw new ImpossibleInputException("changes", "A job keeps its id.");
        }

        if (put.Id == Guid.Empty)
        {
            throw new ImpossibleInputException("changes", "Every part needs an id.");
        }

        return job.FindPart(put.Id) is { } there && there.Kind != put.Kind
            ? throw new ImpossibleInputException(
                "changes",
                "A part keeps its kind: put the other in with an id of its own."
            )
            : put;
    }

    private static JobPartDocument InPlace(JobSession job, JobPartDocument part, Dictionary<EntityKind, int> orders)
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

/// <summary>
/// A change as the rules read it, as it is stored, and the part as it is written; null where that is taken out.
/// </summary>
internal sealed record ResolvedChange(EntityChange Change, JobEdit Edit, JobPartDocument? Document);
