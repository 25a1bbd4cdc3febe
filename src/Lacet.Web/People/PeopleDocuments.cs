using Lacet.Core.People;
using Lacet.Store;
using Lacet.Workshop.People;

namespace Lacet.Web.People;

/// <summary>Who did something.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">The name.</param>
/// <param name="Proved">Whether they showed who they are; a name that was only typed, before there were accounts, did
/// not.</param>
/// <param name="JoinedTo">Whose name it is by a lead’s word, where it was only typed.</param>
public sealed record Person(Guid Id, string Name, bool Proved, string? JoinedTo = null)
{
    /// <summary>From the table.</summary>
    public static Person Of(PersonRow row) => new(row.Id, row.Name, row.Proved);
}

/// <summary>Somebody who works here.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">Their name.</param>
/// <param name="Role">As what.</param>
/// <param name="Qualification">In their own words.</param>
/// <param name="QualifiedUntil">The last day of it.</param>
/// <param name="IsQualified">Whether it holds today.</param>
/// <param name="HasPassword">Whether they have one yet.</param>
/// <param name="HasPin">Whether they have one yet.</param>
/// <param name="HasCode">Whether a code of theirs waits to be used.</param>
/// <param name="Closed">Whether they work here no more.</param>
/// <param name="IsErased">Whether their name was erased; nothing of them can be changed.</param>
/// <param name="MaySupervise">Whether an apprentice may work under them today.</param>
public sealed record PersonDocument(
    Guid Id,
    string Name,
    Role Role,
    string Qualification,
    DateOnly? QualifiedUntil,
    bool IsQualified,
    bool HasPassword,
    bool HasPin,
    bool HasCode,
    bool Closed,
    bool IsErased,
    bool MaySupervise
)
{
    internal static PersonDocument Of(AccountRow row, TimeProvider time)
    {
        var (role, isQualified) = (
            Roles.Read(row.Role),
            new Qualification(row.Qualification, row.QualifiedUntil).Holds(time.Today())
        );
        return new(
            row.Person,
            row.Name,
            role,
            row.Qualification,
            row.QualifiedUntil,
            isQualified,
            row.Password is not null,
            row.Pin is not null,
            row.CodeUntil > time.GetUtcNow(),
            row.Closed,
            row.IsErased,
            isQualified && !row.Closed && Rights.MaySupervise(role)
        );
    }
}

/// <summary>Somebody, and the code that lets them in once. It is shown now, and never again.</summary>
/// <param name="Person">Who.</param>
/// <param name="Code">The code.</param>
public sealed record CodeGiven(PersonDocument Person, string Code);

/// <summary>Who is signed in on this screen.</summary>
/// <param name="Person">Who; null for a stranger.</param>
/// <param name="Proof">How they showed who they are.</param>
/// <param name="Supervisor">Who supervises an apprentice today.</param>
/// <param name="Rights">What they may do, some of it once they typed their password.</param>
/// <param name="Refused">What they may not do, and why; nothing for a stranger.</param>
/// <param name="Token">What is sent back with each change.</param>
/// <param name="AwaitsFirstLead">Whether nobody works here yet.</param>
/// <param name="Listed">People whom the sign-in page names, whoever is signed in: those with a PIN on a shared tablet, those of the
/// demo.</param>
/// <param name="DemoPassword">The password of everybody in the demo.</param>
/// <param name="Tablet">The name of the shared tablet that this screen is; null for somebody’s own.</param>
/// <param name="IdleSeconds">After so long without a touch they are signed out; null for a stranger.</param>
public sealed record SessionDocument(
    SignedInPerson? Person,
    Proof? Proof,
    SignedInPerson? Supervisor,
    IReadOnlyList<Right> Rights,
    IReadOnlyList<RightRefused> Refused,
    string? Token,
    bool AwaitsFirstLead,
    IReadOnlyList<SignedInPerson> Listed,
    string? DemoPassword,
    string? Tablet,
    int? IdleSeconds
);

/// <summary>What somebody may not do, and why.</summary>
/// <param name="Right">What.</param>
/// <param name="Says">Who may, in a sentence.</param>
public sealed record RightRefused(Right Right, string Says);

/// <summary>A person as the sign-in page names them.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">Their name.</param>
/// <param name="Role">As what they work here.</param>
public sealed record SignedInPerson(Guid Id, string Name, Role Role)
{
    internal static SignedInPerson Of(AccountRow row) => new(row.Person, row.Name, Roles.Read(row.Role));
}

/// <summary>A name and the password that belongs to it.</summary>
/// <param name="Name">However it is typed.</param>
/// <param name="Password">As it was set.</param>
public sealed record PasswordSignIn(string Name, string Password);

/// <summary>Somebody on a shared tablet, and their PIN.</summary>
/// <param name="PersonId">Who.</param>
/// <param name="Pin">Their PIN.</param>
public sealed record PinSignIn(Guid PersonId, string Pin);

/// <summary>A name, the code that somebody was given, and what they sign in with from then on.</summary>
/// <param name="Name">Their name; that of the first lead is new.</param>
/// <param name="Code">The code, however it is typed.</param>
/// <param name="Password">A password of their own.</param>
/// <param name="Pin">A PIN for shared tablets; null for none.</param>
public sealed record CodeSignIn(string Name, string Code, string Password, string? Pin = null);

/// <summary>The password of whoever is signed in, asked once more.</summary>
/// <param name="Password">As it was set.</param>
public sealed record PasswordConfirmed(string Password);

/// <summary>Another password, another PIN, or both.</summary>
/// <param name="Password">The password as it is.</param>
/// <param name="NewPassword">The password from now on; null leaves it.</param>
/// <param name="NewPin">The PIN from now on; null leaves it.</param>
public sealed record ChangedSecrets(string Password, string? NewPassword = null, string? NewPin = null);

/// <summary>Who supervises an apprentice today.</summary>
/// <param name="PersonId">A lead or an electrician whose qualification holds.</param>
public sealed record SupervisorToday(Guid PersonId);

/// <summary>That somebody is signed in on some screen.</summary>
/// <param name="Id">Which.</param>
/// <param name="Person">Who.</param>
/// <param name="Name">Their name.</param>
/// <param name="Proof">How they showed who they are.</param>
/// <param name="BeganAt">When they signed in.</param>
/// <param name="SeenAt">When they last did something.</param>
/// <param name="Address">From which address of the network.</param>
/// <param name="Browser">With which browser, as it says itself.</param>
/// <param name="IsThis">Whether it is the one that asks.</param>
public sealed record SessionItem(
    Guid Id,
    Guid Person,
    string Name,
    Proof Proof,
    DateTimeOffset BeganAt,
    DateTimeOffset SeenAt,
    string Address,
    string Browser,
    bool IsThis
)
{
    internal static SessionItem Of(SessionRow row, Guid mine) =>
        new(
            row.Id,
            row.Person,
            row.Name,
            Enum.Parse<Proof>(row.Proof, ignoreCase: true),
            row.BeganAt,
            row.SeenAt,
            row.Address,
            row.Browser,
            row.Id == mine
        );
}
