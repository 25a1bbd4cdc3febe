using Lacet.Core.People;
using Lacet.Workshop.People;

namespace Lacet.Web.Http;

/// <summary>Who asks. An endpoint that takes one, and is open, gets null for a stranger.</summary>
/// <param name="Who">Who is signed in.</param>
internal sealed record Caller(SignedIn Who)
{
    /// <summary>The person.</summary>
    internal Guid Person => Who.Actor.Person;

    /// <summary>Who they are, and what they may do.</summary>
    internal Actor Actor => Who.Actor;

    /// <summary>Whether an apprentice asks, under somebody’s supervision.</summary>
    internal bool IsApprentice => Actor is { Role: Role.Apprentice, Supervisor: not null };

    /// <summary>Who asks; null for a stranger.</summary>
    internal static Caller? Of(HttpContext context) => context.Features.Get<SignedIn>() is { } who ? new(who) : null;

    /// <summary>Bound by the framework.</summary>
    public static ValueTask<Caller?> BindAsync(HttpContext context) => new(Of(context));
}
