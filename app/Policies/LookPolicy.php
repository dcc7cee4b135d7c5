<?php

namespace App\Policies;

class LookPolicy extends StaffDocumentPolicy
{
}
