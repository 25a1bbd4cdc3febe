using Lacet.Workshop;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Http;

/// <summary>What became of a deed, as an answer: the one place where an outcome gets its status.</summary>
internal static class Answers
{
    /// <summary>The value of what was done.</summary>
    internal static Results<Ok<T>, ProblemHttpResult> Of<T>(Outcome<T> outcome) =>
        outcome is Outcome<T>.Done(var value, _) ? TypedResults.Ok(value) : Refusal(outcome);

    /// <summary>The address of what was made.</summary>
    internal static Results<Created<TMade>, ProblemHttpResult> OfNew<T, TMade>(
        Outcome<T> outcome,
        Func<T, string> address,
        Func<T, TMade> made
    ) =>
        outcome is Outcome<T>.Done(var value, _) ? TypedResults.Created(address(value), made(value)) : Refusal(outcome);

    /// <summary>What was read of a job; a null is no such job.</summary>
    internal static Results<Ok<T>, ProblemHttpResult> OfJob<T>(T? read)
        where T : class => read is null ? NoJob() : TypedResults.Ok(read);

    internal static ProblemHttpResult NoJob() => Missing(Workshop.Jobs.JobEditor.NoSuchJob);

    internal static ProblemHttpResult Missing(string says) =>
        TypedResults.Problem(says, statusCode: StatusCodes.Status404NotFound);

    internal static ProblemHttpResult Conflict(string says) =>
        TypedResults.Problem(says, statusCode: StatusCodes.Status409Conflict);

    private static ProblemHttpResult Refusal<T>(Outcome<T> outcome) =>
        outcome switch
        {
            Outcome<T>.Missing(var says) => Missing(says),
            Outcome<T>.Conflict(var says, { } theirs) => MovedOn(says, theirs),
            Outcome<T>.Conflict(var says, _) => Conflict(says),
            _ => throw new InvalidOperationException("What was done is no refusal."),
        };

    /// <summary>
    /// The answer to somebody whose part has moved on: what it is now, so that nothing of either is lost.
    /// </summary>
    private static ProblemHttpResult MovedOn(string says, MovedPart theirs) =>
        TypedResults.Problem(
            says,
            statusCode: StatusCodes.Status409Conflict,
            extensions: new Dictionary<string, object?>(StringComparer.Ordinal)
            {
                ["partId"] = theirs.Id,
                ["now"] = theirs.Now,
                ["version"] = theirs.Version,
            }
        );
}
