using Lacet.Core.People;

namespace Lacet.Workshop.People;

/// <summary>Roles as they are stored: a word each.</summary>
public static class Roles
{
    /// <summary>The word of a role.</summary>
    public static string Word(Role role) => role.ToString().ToLowerInvariant();

    /// <summary>The role of a word that was stored.</summary>
    public static Role Read(string word) => Enum.Parse<Role>(word, ignoreCase: true);
}
