using Lacet.Core.People;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.People;

/// <summary>Tablets that several people share.</summary>
internal static class TabletEndpoints
{
    internal static void MapTablets(this WebApplication app)
    {
        var tablets = app.MapGroup("/api/tablets").WithTags("People");
        tablets.MapGet("", List).WithSummary("Paired tablets").Needs(Right.Pair);
        tablets
            .MapPost("", Offer)
            .WithSummary("A code by which one tablet is paired within ten minutes")
            .ProducesInputProblems()
            .Needs(Right.Pair);
        tablets
            .MapPost("/pair", Pair)
            .WithSummary("Pairs this screen, by the code on a lead’s")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status401Unauthorized)
            .IsOpen();
        tablets
            .MapDelete("/{id:guid}", Remove)
            .WithSummary("Unpairs a tablet, and signs out whoever is on it")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.Pair);
    }

    private static async Task<Ok<List<TabletDocument>>> List(Tablets tablets, PeopleTable people)
    {
        var names = await people.NamesAsync();
        return TypedResults.Ok(
            (await tablets.AllAsync()).ConvertAll(t => new TabletDocument(
                t.Id,
                t.Name,
                names.GetValueOrDefault(t.PairedBy, ""),
                t.PairedAt
            ))
        );
    }

    private static Ok<TabletOffer> Offer(NewTablet request, Tablets tablets, Caller caller) =>
        TypedResults.Ok(
            new TabletOffer(tablets.Offer(request.Name, caller.Person), (int)Tablets.CodeLife.TotalMinutes)
        );

    private static async Task<Results<Ok<SessionDocument>, ProblemHttpResult>> Pair(
        PairTablet request,
        Tablets tablets,
        SignIns signIns,
        SessionAnswers answers,
        HttpContext context,
        CancellationToken cancellation
    )
    {
        var screen = await answers.ScreenAsync(context);
        if (signIns.Refuses(screen) is { } tooMany)
        {
            return await answers.OfAsync(context, tooMany);
        }

        if (await tablets.PairAsync(request.Code, cancellation) is not { } key)
        {
            return await answers.OfAsync(
                context,
                signIns.Count(screen, "That code is good no more. A lead shows another one.")
            );
        }

        TabletCookie.Write(context, key);
        return TypedResults.Ok(await answers.NowAsync(context, Caller.Of(context)?.Who, key));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(
        Guid id,
        Tablets tablets,
        CancellationToken cancellation
    ) =>
        await tablets.RemoveAsync(id, cancellation)
            ? TypedResults.NoContent()
            : Answers.Missing("There is no such tablet.");
}

/// <summary>A tablet that is to be paired.</summary>
/// <param name="Name">What people call it; 1 to 60 characters.</param>
public sealed record NewTablet(string Name);

/// <summary>The code of a tablet that is to be paired.</summary>
/// <param name="Code">Good once.</param>
/// <param name="Minutes">For so long.</param>
public sealed record TabletOffer(string Code, int Minutes);

/// <summary>A code that was shown on a lead’s screen.</summary>
/// <param name="Code">However it is typed.</param>
public sealed record PairTablet(string Code);

/// <summary>A tablet that several people share.</summary>
/// <param name="Id">Which.</param>
/// <param name="Name">What people call it.</param>
/// <param name="PairedBy">Who paired it.</param>
/// <param name="PairedAt">When.</param>
public sealed record TabletDocument(Guid Id, string Name, string PairedBy, DateTimeOffset PairedAt);
