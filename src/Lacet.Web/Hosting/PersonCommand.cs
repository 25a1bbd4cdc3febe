using System.CommandLine;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Devices;
using Lacet.Store;
using Lacet.Workshop;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace Lacet.Web.Hosting;

/// <summary>
/// Who works here, said where Lacet is kept: <c>lacet person add | reset | list</c>, whether or not a server uses the
/// folder.
/// </summary>
internal static class PersonCommand
{
    internal static Command Of(Option<string> data) =>
        new("person", "Who works here.") { Add(data), Reset(data), List(data) };

    private static Command Add(Option<string> data)
    {
        var name = new Argument<string>("NAME");
        var role = new Option<Role>("--role") { Description = "As what.", DefaultValueFactory = _ => Role.Electrician };
        var command = new Command("add", "Adds somebody, and prints the code that lets them in once.")
        {
            name,
            role,
            data,
        };
        command.SetAction(
            (parsed, cancellation) =>
                WithAsync(parsed.GetValue(data)!, async accounts =>
                    Say(await accounts.AddAsync(new(parsed.GetValue(name)!, parsed.GetValue(role)), cancellation))
                )
        );
        return command;
    }

    private static Command Reset(Option<string> data)
    {
        var name = new Argument<string>("NAME");
        var command = new Command(
            "reset",
            "Prints a code for somebody who forgot their password, and signs them out everywhere."
        )
        {
            name,
            data,
        };
        command.SetAction(
            (parsed, cancellation) =>
                WithAsync(parsed.GetValue(data)!, async accounts =>
                    await accounts.FindAsync(parsed.GetValue(name)!) is { } account
                        ? Say(await accounts.ResetAsync(account.Person, cancellation))
                        : throw new UsageException(
                            $"Nobody here is called {parsed.GetValue(name)}. lacet person list says who is."
                        )
                )
        );
        return command;
    }

    private static Command List(Option<string> data)
    {
        var command = new Command("list", "Prints who works here, and as what.") { data };
        command.SetAction((parsed, _) => WithAsync(parsed.GetValue(data)!, async accounts =>
                {
                    foreach (var account in await accounts.AllAsync())
                    {
                        Console.WriteLine(
                            $"{account.Name}: {account.Role}{(account.Closed ? ", works here no more" : "")}"
                        );
                    }

                    return 0;
                }));
        return command;
    }

    private static int Say(Outcome<AddedPerson> outcome)
    {
        switch (outcome)
        {
            case Outcome<AddedPerson>.Done({ Account: var account, Code: var code }, _):
                Console.WriteLine(
                    $"{account.Name} ({account.Role}) signs in with this code within {Codes.Life.Days} days: {code}"
                );
                return 0;
            case Outcome<AddedPerson>.Missing(var says):
                throw new UsageException(says);
            case Outcome<AddedPerson>.Conflict(var says, _):
                throw new UsageException(says);
            default:
                throw new InvalidOperationException("There is no other outcome.");
        }
    }

    private static async Task<int> WithAsync(string folder, Func<Accounts, Task<int>> act)
    {
        using var database = LacetDatabase.OpenBeside(folder);
        using var hash = new SecretHash(Options.Create(new PasswordHasherOptions()));
        var sessions = new Sessions(new(database), new Feed<SessionEnded>(), TimeProvider.System);
        try
        {
            return await act(new(new(database, TimeProvider.System), sessions, hash, TimeProvider.System));
        }
        catch (ImpossibleInputException impossible)
        {
            throw new UsageException(impossible.Message);
        }
    }
}
