using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Workshop.Records;

namespace Lacet.Workshop.People;

/// <summary>
/// Names that were only typed, before there were accounts. What stands under them stays, as not proved; a lead’s word, an
/// event itself, says whose they are.
/// </summary>
public sealed class TypedNames(PeopleTable people, AccountsTable accounts, EventsTable events, TimeProvider time)
{
    /// <summary>All of them, by name.</summary>
    public Task<List<TypedNameRow>> AllAsync() => people.TypedAsync();

    /// <summary>Joins one to a person; taken back as any event is.</summary>
    public async Task<Outcome<Guid>> JoinAsync(Guid typed, JoinName request, Actor by, CancellationToken cancellation)
    {
        by.Need(Right.ManagePeople);
        Envelope.CheckDevice(request.Device);
        var digest = Envelope.Digest(new { typed, request }, by.Person);
        if (await events.RepeatedAsync(request.Id, digest) is { } repeated)
        {
            return Answer(request, repeated);
        }

        if ((await people.TypedAsync()).All(t => t.Id != typed))
        {
            return new Outcome<Guid>.Missing("There is no such name without an account.");
        }

        if (await accounts.FindAsync(request.PersonId) is null)
        {
            throw new ImpossibleInputException("personId", "Nobody who works here has this id.");
        }

        var joined = new JoinedNameDocument(
            RecordedBy.Reference(await people.KnownAsync(typed)),
            RecordedBy.Reference(await people.KnownAsync(request.PersonId))
        );
        var added = new Envelope(
            request.Id,
            request.Device,
            request.DeviceSequence,
            request.ClaimedAt,
            time.GetUtcNow(),
            EventKind.NameJoined,
            new(null, null, null),
            await RecordedBy.OfAsync(people, by)
        ).Around(digest, recorded => recorded with { Joined = joined }) with
        {
            Joined = (typed, request.PersonId),
        };
        return Answer(request, await events.AppendAsync(added, cancellation));
    }

    private static Outcome<Guid> Answer(JoinName request, AppendedEvent appended) =>
        appended.Appended == Appended.Conflict
            ? new Outcome<Guid>.Conflict("Another record has this id already. Nothing was stored.")
            : new Outcome<Guid>.Done(request.Id, appended.Appended == Appended.Stored);
}
