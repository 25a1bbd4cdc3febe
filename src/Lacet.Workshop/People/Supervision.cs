using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>Who looks after an apprentice, as long as they are signed in: a day at most.</summary>
public sealed class Supervision(SessionsTable sessions, Accounts accounts, TimeProvider time)
{
    /// <summary>Puts an apprentice under somebody; gives them as they are then.</summary>
    public async Task<SignedIn> BeginAsync(SignedIn apprentice, Guid supervisor, CancellationToken cancellation)
    {
        if (apprentice.Actor.Role != Role.Apprentice)
        {
            throw new ImpossibleInputException("personId", "Only an apprentice works under supervision.");
        }

        var over = await accounts.FindAsync(supervisor);
        if (over is not { Closed: false } || !Rights.MaySupervise(Roles.Read(over.Role)))
        {
            throw new ImpossibleInputException("personId", "A lead or an electrician supervises. Choose one.");
        }

        if (!new Qualification(over.Qualification, over.QualifiedUntil).Holds(time.Today()))
        {
            throw new ImpossibleInputException(
                "personId",
                $"The qualification of {over.Name} has ended. Choose somebody else."
            );
        }

        await sessions.SuperviseAsync(apprentice.Session, supervisor, cancellation);
        return apprentice with { Actor = apprentice.Actor with { Supervisor = supervisor } };
    }
}
