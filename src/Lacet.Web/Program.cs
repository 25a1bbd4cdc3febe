using Lacet.Web.Hosting;

return await CommandLine.RunAsync(args);
