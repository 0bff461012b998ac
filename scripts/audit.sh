# What Civitane is made of, what is known against it, and what is newer; where that cannot be had, it says so.

audit() {
  need_build_tools
  local home=$state/audit
  mkdir -p "$home"
  say "— what it is made of (CycloneDX)"
  maven org.cyclonedx:cyclonedx-maven-plugin:2.9.1:makeAggregateBom -DoutputFormat=json -DincludeTestScope=false \
    -DoutputDirectory="$home" -DoutputName=java.cdx >"$home/java.log" 2>&1 || { tail -n 5 "$home/java.log" >&2; fail "The list of the Java part could not be made: see $home/java.log"; }
  web_install
  (cd "$root/web" && npm sbom --sbom-format cyclonedx --omit dev) >"$home/web.cdx.json" 2>"$home/web.log" || fail "The list of the web part could not be made: see $home/web.log"
  say "$home/java.cdx.json: $(audit_count "$home/java.cdx.json") parts; $home/web.cdx.json: $(audit_count "$home/web.cdx.json") parts"
  say "— known vulnerabilities"
  audit_web "$home"
  say "Java: not known. No registry that is reached from here says what is known against a Maven artifact; where the"
  say "national database can be reached, a scanner can be given the lists above. What follows is what is newer."
  say "— newer versions"
  maven org.codehaus.mojo:versions-maven-plugin:2.19.1:display-dependency-updates org.codehaus.mojo:versions-maven-plugin:2.19.1:display-property-updates \
    -DallowMajorUpdates=false -DprocessDependencyManagementTransitive=false -Dversions.outputFile="$home/newer.txt" -DoutputLineWidth=120 >"$home/newer.log" 2>&1 || say "Java: could not be listed, see $home/newer.log"
  grep -hE -- '->' "$home/newer.txt" 2>/dev/null | sort -u >&2 || say "Java: nothing newer within the same major version."
  (cd "$root/web" && npm outdated 2>/dev/null) >&2 || true
}

audit_web() { # FOLDER
  if (cd "$root/web" && npm audit --json) >"$1/npm-audit.json" 2>/dev/null; then
    say "Web: nothing is known."
  elif grep -q '"vulnerabilities"' "$1/npm-audit.json"; then
    (cd "$root/web" && npm audit) >&2 || true
  else
    say "Web: not known. The npm registry that is reached from here does not answer audits."
  fi
}

audit_count() { node -e 'console.log((JSON.parse(require("fs").readFileSync(process.argv[1], "utf8")).components || []).length)' "$1"; }
