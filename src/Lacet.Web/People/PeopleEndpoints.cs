using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.People;

/// <summary>Who works here.</summary>
internal static class PeopleEndpoints
{
    private const int MostListed = 200;

    internal static void MapPeople(this WebApplication app)
    {
        var people = app.MapGroup("/api/people").WithTags("People");
        people
            .MapPost("", Add)
            .WithSummary("Makes a person from a typed name; they are not proved")
            .ProducesInputProblems();
        people.MapGet("", List).WithSummary("People by name");
    }

    private static async Task<Ok<Person>> Add(NewPerson request, TypedPeople people, CancellationToken cancellation) =>
        TypedResults.Ok(Person.Of(await people.EnsureAsync(request.Name, cancellation)));

    private static async Task<Ok<List<Person>>> List(PeopleTable people) =>
        TypedResults.Ok((await people.ListAsync(MostListed)).ConvertAll(Person.Of));
}

/// <summary>A name that somebody typed.</summary>
/// <param name="Name">1 to 80 characters.</param>
public sealed record NewPerson(string Name);

/// <summary>A person.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">The name.</param>
/// <param name="Proved">Whether somebody vouched for it.</param>
public sealed record Person(Guid Id, string Name, bool Proved)
{
    /// <summary>From the table.</summary>
    public static Person Of(PersonRow row) => new(row.Id, row.Name, row.Proved);
}
