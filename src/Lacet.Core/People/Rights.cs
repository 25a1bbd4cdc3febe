using System.Collections.Frozen;

namespace Lacet.Core.People;

/// <summary>Who may do what: the one matrix. docs/security.md prints it.</summary>
public static class Rights
{
    private static readonly FrozenDictionary<Role, FrozenSet<Right>> ByRole = new Dictionary<Role, Right[]>
    {
        [Role.Lead] = Enum.GetValues<Right>(),
        [Role.Electrician] = [Right.Read, Right.Record, Right.MakeDead, Right.Check],
        [Role.Apprentice] = [Right.Read, Right.Record],
        [Role.Inspector] = [Right.Read, Right.Check, Right.SignOff],
    }.ToFrozenDictionary(r => r.Key, r => r.Value.ToFrozenSet());

    /// <summary>Whether a role has a right.</summary>
    public static bool Has(Role role, Right right) => ByRole[role].Contains(right);

    /// <summary>
    /// Whether a right needs the password: what a lead does, and a signature. A PIN, which others may have seen typed,
    /// is enough for the rest.
    /// </summary>
    public static bool NeedsPassword(Right right) =>
        right is Right.SignOff or Right.ChangeJobs or Right.ChangeShelf or Right.ManagePeople or Right.Pair;

    /// <summary>Whether somebody of this role may have an apprentice under them, as long as their qualification holds.</summary>
    public static bool MaySupervise(Role role) => role is Role.Lead or Role.Electrician;

    /// <summary>What a right is, after “may”.</summary>
    public static string DisplayName(Right right) =>
        right switch
        {
            Right.Read => "read what is kept here",
            Right.Record => "record work",
            Right.MakeDead => "make dead, or put power back",
            Right.Check => "check work",
            Right.SignOff => "sign for work",
            Right.ChangeJobs => "change jobs",
            Right.ChangeShelf => "change the Shelf",
            Right.ManagePeople => "say who works here",
            Right.Pair => "pair tablets and tools",
            _ => throw new ArgumentOutOfRangeException(nameof(right), right, null),
        };

    /// <summary>What is said to somebody whose role lacks a right.</summary>
    public static string Refusal(Right right)
    {
        var roles = Enum.GetValues<Role>().Where(role => Has(role, right)).Select(WithArticle).ToList();
        var who = roles is [var only] ? only : $"{string.Join(", ", roles.SkipLast(1))} or {roles[^1]}";
        return $"Only {who} may {DisplayName(right)}.";
    }

    private static string WithArticle(Role role) =>
        role switch
        {
            Role.Lead => "a lead",
            Role.Electrician => "an electrician",
            Role.Apprentice => "an apprentice",
            Role.Inspector => "an inspector",
            _ => throw new ArgumentOutOfRangeException(nameof(role), role, null),
        };
}
