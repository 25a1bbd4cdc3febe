using Lacet.Core.Jobs;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Workshop;

/// <summary>
/// What became of a deed. What is asked wrongly is thrown as <see cref="Core.Quantities.ImpossibleInputException"/>,
/// with its field; in every case but <see cref="Done"/> nothing was changed.
/// </summary>
/// <typeparam name="T">What a deed that was done gives.</typeparam>
public abstract record Outcome<T>
{
    private Outcome() { }

    /// <summary>It is stored; now, or when it was sent before.</summary>
    /// <param name="Value">What it gave.</param>
    /// <param name="IsNew">False where it was stored before.</param>
    public sealed record Done(T Value, bool IsNew = true) : Outcome<T>;

    /// <summary>What it is about is not there.</summary>
    /// <param name="Says">One sentence.</param>
    public sealed record Missing(string Says) : Outcome<T>;

    /// <summary>Something else came before it, or has its id.</summary>
    /// <param name="Says">One sentence.</param>
    /// <param name="Theirs">The part that has moved on; null where it is none.</param>
    public sealed record Conflict(string Says, MovedPart? Theirs = null) : Outcome<T>;

    /// <summary>The same outcome, with another value where it was done.</summary>
    public Outcome<TOther> Select<TOther>(Func<T, TOther> select) =>
        this switch
        {
            Done(var value, var isNew) => new Outcome<TOther>.Done(select(value), isNew),
            Missing(var says) => new Outcome<TOther>.Missing(says),
            Conflict(var says, var theirs) => new Outcome<TOther>.Conflict(says, theirs),
            _ => throw new InvalidOperationException("There is no other outcome."),
        };
}

/// <summary>A part that somebody else changed first.</summary>
/// <param name="Id">Which.</param>
/// <param name="Now">As it is now; null where it was taken out.</param>
/// <param name="Version">Its version now.</param>
public sealed record MovedPart(Guid Id, JobPart? Now, long? Version)
{
    internal static MovedPart Of(JobConflictException conflict) =>
        new(conflict.Part, conflict.Now is { } now ? PartJson.Parse(now.Body) : null, conflict.Now?.Version);
}
